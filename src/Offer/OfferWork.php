<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Intake\UsualJob;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\Ticket;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\People\Signature;
use KindHeel\App\Plan\MakePlan;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Costing\KindOfWork;
use KindHeel\Core\Offer\Estimate;
use KindHeel\Core\Offer\Labour;
use KindHeel\Core\Offer\Material;
use KindHeel\Core\Offer\Meaning;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Serializer\SerializerInterface;

/** Lays ways before an owner, takes the one that is chosen, tells of something more, writes what is to be paid. */
final readonly class OfferWork
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Ways $ways,
        private CurrentPrices $prices,
        private MakePlan $plan,
        private Ledger $ledger,
        private ClockInterface $clock,
        private SerializerInterface $serializer,
    ) {
    }

    public function setTerms(PriceTermsInput $input, Person $by): void
    {
        if ($input->seen !== ($this->prices->stored()?->id() ?? 0)) {
            throw Refused::stale('Somebody else has set the prices meanwhile. This is how they stand now; set yours once more.');
        }
        $this->entities->persist(new StoredPriceTerms($input->terms(), $this->clock->now(), $by));
    }

    /** Reckons the ways anew, by the terms that hold now. */
    public function make(int $id, OfferInput $input, Person $by): void
    {
        $piece = $this->piece($id, $input->version);
        self::mustBeOpen($piece);
        $piece->replaces($input->replaceCents);
        $stored = $this->prices->stored();
        $terms = $stored?->terms() ?? new PriceTerms();
        $meaning = $this->meaning($piece, $input->meaning);
        $jobs = [];
        foreach ([] === $terms->fixed ? [] : $this->entities->getRepository(UsualJob::class)->findBy(['id' => array_keys($terms->fixed)]) as $job) {
            $jobs[$job->id()] = $job;
        }
        $rush = $piece->ticket()->isRush();
        $ways = array_map(
            fn (Aim $aim): WayView => $this->ways->way($piece, $aim, $terms, $rush, $input->replaceCents, $meaning, $jobs),
            $piece->toCore()->agreed->aim->besides(),
        );
        $written = json_decode($this->serializer->serialize($ways, 'json'), true);
        $this->entities->persist(
            new Offer($piece, $piece->assessed(), $stored, $meaning, \is_array($written) ? $written : [], $by, $this->clock->now()),
        );
        $this->ledger->piece(Event::Offered, $piece, $by, 'Offered: '.implode(', ', array_map(
            static fn (WayView $w): string => null === $w->cannot
                ? \sprintf('%s for %s', $w->aim->label(), self::money($w->gross, $terms->currency))
                : $w->aim->label().' cannot be',
            $ways,
        )).'.');
    }

    /** The piece is agreed on as that way has it, and planned so; or it is left as it is. */
    public function choose(int $id, ChooseInput $input, Person $by): void
    {
        $offer = $this->entities->find(Offer::class, $id) ?? throw new NotFoundHttpException();
        $piece = $this->piece($offer->piece()->id(), $input->version);
        self::mustBeOpen($piece);
        if ($offer->isOutdated()) {
            throw Refused::stale('The piece was looked at again since this was reckoned. Reckon the ways anew first.');
        }
        if (null === $input->aim) {
            $offer->leave($this->clock->now());
            $this->ledger->piece(Event::Offered, $piece, $by, 'The owner leaves it as it is.');

            return;
        }
        $way = $this->wayOf($offer, $input->aim);
        if (null !== $way->cannot) {
            throw Refused::now($way->cannot);
        }
        $agreed = $piece->toCore()->agreed;
        if ($agreed->aim !== $way->aim) {
            $piece->agree(new Agreed($way->aim, $agreed->gloss, $agreed->patina, $agreed->newShade));
        }
        $offer->take($way, $this->clock->now());
        $this->ledger->piece(
            Event::Offered,
            $piece,
            $by,
            \sprintf('Taken: %s for %s.', $way->aim->label(), self::money($way->gross, $offer->terms()->currency)),
        );
        $this->plan->plan($piece, $by);
    }

    public function tell(int $id, SupplementInput $input, Person $by): void
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $terms = $this->prices->terms();
        $sum = Estimate::of(
            [new Labour($input->what, BigDecimal::of($input->minutes), BigDecimal::zero(), $terms->rateOf(KindOfWork::Mending, []))],
            0 === $input->materialCents
                ? []
                : [new Material($input->what, BigDecimal::one(), BigDecimal::one(), BigDecimal::ofUnscaledValue($input->materialCents, 2))],
            $terms->supplementTerms($piece->ticket()->isRush()),
        )->sum;
        $ready = null === $input->readyOn ? null : new \DateTimeImmutable($input->readyOn);
        $more = new Supplement($piece, trim($input->what), $input->minutes, Ways::cents($sum->gross), $ready, $by, $this->clock->now());
        $this->entities->persist($more);
        $this->ledger->piece(
            Event::Supplement,
            $piece,
            $by,
            \sprintf('Found beside: %s; %s. The owner is to be asked.', $more->what(), self::money($more->grossCents(), $terms->currency)),
        );
    }

    /** @throws FieldError when what was drawn is no signature */
    public function answer(int $id, AnswerInput $input, Person $by): void
    {
        $more = $this->entities->find(Supplement::class, $id) ?? throw new NotFoundHttpException();
        if ($more->isAnswered()) {
            throw Refused::now('This has been answered already.');
        }
        $strokes = [] === $input->strokes ? [] : Signature::strokes($input->strokes);
        $more->answer($input->agreed, trim($input->by), trim($input->how), $strokes, $this->clock->now());
        $this->ledger->piece(
            Event::Supplement,
            $more->piece(),
            $by,
            \sprintf('%s has %s: %s.', trim($input->by), $input->agreed ? 'agreed to it' : 'declined it', $more->what()),
        );
    }

    /** @throws Refused where a price was never agreed on, or it has been written already */
    public function invoice(int $id, Person $by): void
    {
        $ticket = $this->entities->find(Ticket::class, $id) ?? throw new NotFoundHttpException();
        if (null !== $this->entities->getRepository(Invoice::class)->findOneBy(['ticket' => $id])) {
            throw Refused::now('An invoice has been written for this ticket already.');
        }
        $lines = [];
        $terms = null;
        foreach ($ticket->pieces() as $piece) {
            $offer = $this->entities->getRepository(Offer::class)->findOneBy(['piece' => $piece->id()], ['id' => 'DESC']);
            if (null === $offer || null === $offer->chosen() && !$offer->isLeft()) {
                throw Refused::now(\sprintf('No price was agreed for “%s”. Lay the ways before the owner first.', $piece->name()));
            }
            $terms ??= $offer->terms();
            if (null !== $offer->chosen()) {
                $lines[] = ['what' => \sprintf('%s: %s', $piece->name(), $offer->chosen()->label()), 'cents' => (int) $offer->grossCents()];
            }
            foreach ($this->entities->getRepository(Supplement::class)->findBy(['piece' => $piece->id()], ['id' => 'ASC']) as $more) {
                if ($more->isAgreed()) {
                    $lines[] = ['what' => \sprintf('%s: %s', $piece->name(), $more->what()), 'cents' => $more->grossCents()];
                }
            }
        }
        if (null === $terms || [] === $lines) {
            throw Refused::now('There is nothing to be paid.');
        }
        $gross = array_sum(array_column($lines, 'cents'));
        // What of the sum is tax, to the cent: gross × t ÷ (1 + t).
        $tax = BigDecimal::of($gross)->multipliedBy($terms->tax)->toBigRational()->dividedBy(BigDecimal::of($terms->tax)->plus(1))
            ->toScale(0, RoundingMode::HalfUp)->toInt();
        // Whoever writes the next one waits: no number is left out or given twice.
        $last = Row::first($this->entities->getConnection(), 'SELECT number FROM invoice ORDER BY number DESC LIMIT 1 FOR UPDATE')?->int('number') ?? 0;
        $this->entities->persist(new Invoice(
            $last + 1,
            $ticket,
            $ticket->customer(),
            $terms->currency,
            $terms->tax,
            $lines,
            $gross - $tax,
            $tax,
            $gross,
            $by,
            $this->clock->now(),
        ));
        $this->ledger->piece(
            Event::Invoiced,
            $ticket->pieces()[0],
            $by,
            \sprintf('Invoice %d written: %s.', $last + 1, self::money($gross, $terms->currency)),
        );
    }

    public function paid(int $id, PaidInput $input): void
    {
        $invoice = $this->entities->find(Invoice::class, $id) ?? throw new NotFoundHttpException();
        if ($invoice->isPaid() === $input->paid) {
            throw Refused::now($input->paid ? 'This has been paid already.' : 'This has not been paid.');
        }
        $input->paid ? $invoice->paid($this->clock->now(), trim($input->how)) : $invoice->notPaidAfterAll();
    }

    public function wayOf(Offer $offer, Aim $aim): WayView
    {
        foreach ($this->waysOf($offer) as $way) {
            if ($way->aim === $aim) {
                return $way;
            }
        }
        throw new FieldError('aim', 'That was not laid before the owner.');
    }

    /** @return list<WayView> */
    public function waysOf(Offer $offer): array
    {
        return array_values($this->serializer->deserialize((string) json_encode($offer->ways()), WayView::class.'[]', 'json'));
    }

    /** @throws Refused for what is done, collected or called off */
    private static function mustBeOpen(StoredPiece $piece): void
    {
        if ($piece->isReady() || $piece->isCollected()) {
            throw Refused::now(\sprintf('“%s” is done. What it took stands under what it really took.', $piece->name()));
        }
    }

    /** What cannot be had again is an heirloom. */
    private function meaning(StoredPiece $piece, Meaning $said): Meaning
    {
        foreach ($piece->toCore()->parts as $part) {
            if ($part->has(Flag::Irreplaceable)) {
                return Meaning::Heirloom;
            }
        }

        return $said;
    }

    private function piece(int $id, int $version): StoredPiece
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();

        return $piece->version() === $version
            ? $piece
            : throw Refused::stale('Somebody else has changed this piece meanwhile. Look at it once more.');
    }

    private static function money(int $cents, string $currency): string
    {
        return \sprintf('%s %d.%02d', $currency, intdiv($cents, 100), $cents % 100);
    }
}
