<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Brick\Math\BigDecimal;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Intake\UsualJob;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\Tag;
use KindHeel\App\People\Person;
use KindHeel\Core\Costing\KindOfWork;
use KindHeel\Core\Costing\LeftAlone;
use KindHeel\Core\Offer\CareOfAYear;
use KindHeel\Core\Offer\Meaning;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class OfferReader
{
    /** What of the terms changed is shown for so many of the newest. */
    private const AGO = 12;
    private const SHARES = ['markup', 'waste', 'overhead', 'rush', 'tax'];

    private const MANY = 20_000;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private OfferWork $work,
        private CurrentPrices $prices,
        private Figures $figures,
    ) {
    }

    public function of(int $id): OfferView
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $offer = $this->entities->getRepository(Offer::class)->findOneBy(['piece' => $id], ['id' => 'DESC']);
        $core = $piece->toCore();

        return new OfferView(
            $id,
            $piece->ticket()->id(),
            $piece->version(),
            $piece->name(),
            $piece->ticket()->customer(),
            $core->agreed->aim,
            ($offer?->terms() ?? $this->prices->terms())->currency,
            $offer?->id(),
            $offer?->at()->format(\DATE_RFC3339),
            $offer?->by()->name(),
            $offer?->isOutdated() ?? false,
            null !== $offer && $offer->termsId() !== ($this->prices->stored()?->id() ?? 0),
            $piece->replaceCents(),
            $offer?->meaning() ?? Meaning::Some,
            null === $offer ? [] : $this->work->waysOf($offer),
            LeftAlone::of($core),
            $offer?->chosen(),
            $offer?->isLeft() ?? false,
            $offer?->chosenAt()?->format(\DATE_RFC3339),
            array_map(
                static fn (Supplement $s): SupplementView => $s->view(),
                $this->entities->getRepository(Supplement::class)->findBy(['piece' => $id], ['id' => 'ASC']),
            ),
        );
    }

    public function terms(): PriceTermsView
    {
        $stored = $this->entities->getRepository(StoredPriceTerms::class)->findBy([], ['id' => 'DESC'], self::AGO + 1);
        $terms = ($stored[0] ?? null)?->terms() ?? new PriceTerms();
        $percent = static fn (string $share): string => rtrim(rtrim(number_format((float) $share * 100.0, 2, '.', ''), '0'), '.');
        $people = Row::all($this->connection, 'SELECT id, name FROM person WHERE login NOT LIKE ? ORDER BY id', [Person::ELSEWHERE.'%']);
        $earned = $this->figures->earnedAnHour();
        $history = [];
        foreach (\array_slice($stored, 0, self::AGO) as $i => $one) {
            $history[] = new TermsAgoView(
                $one->id(),
                $one->at()->format(\DATE_RFC3339),
                $one->by()->name(),
                self::changed(($stored[$i + 1] ?? null)?->terms() ?? new PriceTerms(), $one->terms(), $percent),
            );
        }

        return new PriceTermsView(
            ($stored[0] ?? null)?->id() ?? 0,
            $terms->currency,
            $terms->rate,
            $terms->byPerson,
            array_map(static fn (KindOfWork $k): RateView => new RateView($k->value, $k->label(), $terms->kinds[$k->value] ?? ''), KindOfWork::cases()),
            array_map(static fn (Row $r): RateView => new RateView((string) $r->int('id'), $r->text('name'), $terms->people[$r->int('id')] ?? ''), $people),
            $percent($terms->markup),
            $percent($terms->waste),
            $percent($terms->overhead),
            $terms->consumables,
            $terms->minimum,
            $percent($terms->rush),
            $percent($terms->tax),
            $terms->roundTo,
            array_map(static fn (UsualJob $j): FixedPriceView => new FixedPriceView(
                $j->id(),
                $j->name(),
                $terms->fixed[$j->id()] ?? '',
                $earned[$j->id()][0] ?? 0,
                $earned[$j->id()][1] ?? null,
            ), $this->entities->getRepository(UsualJob::class)->findBy([], ['id' => 'ASC'])),
            $history,
        );
    }

    public function care(CareQuery $query): CareYearView
    {
        $sum = static fn (int $cents): BigDecimal => BigDecimal::ofUnscaledValue($cents, 2);
        $year = CareOfAYear::of(
            $query->everyMonths,
            $query->ownMinutes,
            $sum($query->ownHourCents),
            $sum($query->materialCents),
            $sum($query->shopCents),
            $sum($query->tripCents),
            $sum($query->replaceCents),
            $query->yearsCaredFor,
            $query->yearsUncaredFor,
        );
        $own = $year->ownHands->plus($year->kept);
        $shop = $year->shop->plus($year->kept);

        return new CareYearView(
            Ways::cents($year->ownHands),
            Ways::cents($year->shop),
            Ways::cents($year->kept),
            Ways::cents($year->wornOut),
            match (true) {
                $shop->isLessThanOrEqualTo($year->wornOut) => 'Even kept by us it costs less than wearing it out.',
                $own->isLessThanOrEqualTo($year->wornOut) => 'Kept by your own hands it costs less than wearing it out; kept by us it costs more.',
                default => 'Wearing it out and buying another costs least. Who keeps it does so because they like it.',
            },
        );
    }

    public function invoice(int $ticket): ?InvoiceView
    {
        return $this->entities->getRepository(Invoice::class)->findOneBy(['ticket' => $ticket])?->view();
    }

    public function invoices(): InvoicesView
    {
        return new InvoicesView(array_map(
            static fn (Invoice $i): InvoiceView => $i->view(),
            $this->entities->getRepository(Invoice::class)->findBy([], ['number' => 'DESC'], 500),
        ));
    }

    /**
     * @param \Closure(string): string $percent
     *
     * @return list<string>
     */
    private static function changed(PriceTerms $was, PriceTerms $is, \Closure $percent): array
    {
        $changed = [];
        foreach ($is->toColumn() as $name => $value) {
            $before = $was->toColumn()[$name];
            $told = static fn (mixed $v): string => match (true) {
                \is_bool($v) => $v ? 'yes' : 'no',
                \is_string($v) => \in_array($name, self::SHARES, true) ? $percent($v).' %' : $v,
                default => (string) json_encode($v),
            };
            if ($told($before) !== $told($value)) {
                $changed[] = \sprintf('%s: %s → %s', strtolower((string) preg_replace('/[A-Z]/', ' $0', $name)), $told($before), $told($value));
            }
        }

        return $changed;
    }

    /** @return list<array<string, string|int>> the newest first; a line each, as a table has them */
    public function offers(): array
    {
        return array_map(static fn (Row $r): array => [
            'date' => substr($r->text('at'), 0, 10),
            'tag' => Tag::of($r->int('ticket_id'), $r->int('place')),
            'piece' => $r->text('name'),
            'owner' => $r->text('customer'),
            'meaning' => $r->text('meaning'),
            'way' => $r->textOrNull('chosen') ?? ($r->flag('left_alone') ? 'left alone' : ''),
            'minutes' => $r->intOrNull('minutes') ?? '',
            'net' => null === $r->intOrNull('net_cents') ? '' : LineView::sum($r->int('net_cents')),
            'gross' => null === $r->intOrNull('gross_cents') ? '' : LineView::sum($r->int('gross_cents')),
            'chosen' => substr($r->textOrNull('chosen_at') ?? '', 0, 10),
        ], Row::all(
            $this->connection,
            'SELECT o.at, p.ticket_id, '.Tag::PLACE.' AS place, p.name, t.customer, o.meaning, o.chosen, o.left_alone, o.minutes, o.net_cents, o.gross_cents,
                    o.chosen_at
             FROM offer o JOIN piece p ON p.id = o.piece_id JOIN ticket t ON t.id = p.ticket_id ORDER BY o.id DESC LIMIT '.self::MANY,
        ));
    }
}
