<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\MatchLimit;
use KindHeel\Core\Colour\SmoothestReflectance;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Text\Phrase;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The colours read on a piece, and what lies beside what. */
final readonly class PieceColourReader
{
    /** Parts of a sole that are painted as an upper is. */
    private const SOLES = [PartName::Midsole, PartName::Foxing];

    public function __construct(
        private Connection $connection,
        private EntityManagerInterface $entities,
        private PotReader $pots,
        private Ledger $ledger,
        private PotCoats $coats,
        private SettlingReader $settlings,
    ) {
    }

    public function of(int $id): PieceColourView
    {
        $piece = Row::first($this->connection, 'SELECT p.name, p.kind, p.gloss, t.customer FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.id = ?', [
            $id,
        ]) ?? throw new NotFoundHttpException();
        $stored = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $readings = array_map(
            self::reading(...),
            Row::all(
                $this->connection,
                'SELECT r.*, w.name AS person FROM reading r JOIN person w ON w.id = r.by_id WHERE r.piece_id = ? ORDER BY r.id DESC LIMIT 200',
                [$id],
            ),
        );

        [$settlings, $mayDarken] = $this->settlings->of($stored);

        return new PieceColourView(
            piece: $id,
            name: $piece->text('name'),
            kind: $piece->enum('kind', Kind::class),
            customer: $piece->text('customer'),
            gloss: $piece->enum('gloss', Gloss::class),
            readings: $readings,
            pairs: self::pairs($readings),
            pots: $this->pots->all([$id])->pots,
            areas: $this->areas($stored),
            planned: $this->planned($stored),
            outer: array_values(array_filter(
                $piece->enum('kind', Kind::class)->parts(),
                static fn (PartName $p): bool => $p->isOuter() || $p->isEdge() || \in_array($p, self::SOLES, true),
            )),
            settlings: $settlings,
            mayDarken: $mayDarken,
        );
    }

    /** Puts a comparison into the ledger. */
    public function keep(int $one, int $other, Person $by): int
    {
        $a = $this->entities->find(Reading::class, $one) ?? throw new NotFoundHttpException();
        $b = $this->entities->find(Reading::class, $other) ?? throw new NotFoundHttpException();
        if ($a->piece() !== $b->piece()) {
            throw new NotFoundHttpException();
        }
        $limit = $a->place()->part !== $b->place()->part
                ? MatchLimit::BetweenParts
                : ($a->place()->half === $b->place()->half
                    ? MatchLimit::SamePart
                    : MatchLimit::LeftRight);
        $difference = DifferenceView::compared($a->lab(), $b->lab());
        $again = $a->place()->key === $b->place()->key && $a->spot() === $b->spot();
        $said = $again
            ? \sprintf('Before and after on the %s: %s, ΔE00 %.1f.', TakeReading::called($a->place()), $difference->words, $difference->dE00)
            : \sprintf(
                'Against the %s (%s), the %s (%s) is %s: ΔE00 %.1f, ΔL %.1f, ΔC %.1f, ΔH %.1f. %s',
                TakeReading::called($a->place()),
                $a->spot()->label(),
                TakeReading::called($b->place()),
                $b->spot()->label(),
                $difference->words,
                $difference->dE00,
                $difference->dL,
                $difference->dC,
                $difference->dH,
                $limit->verdict($difference->dE00),
            );
        $this->ledger->piece(Event::Compared, $a->piece(), $by, $said);

        return $a->piece()->id();
    }

    /** @return list<PlannedColourView> places with the same coats together */
    private function planned(StoredPiece $piece): array
    {
        return array_map(static function (array $group): PlannedColourView {
            [$places, $coats] = $group;
            [$ml, $count] = PotCoats::sum($coats);

            return new PlannedColourView(
                array_map(static fn (Place $p): PotPartView => new PotPartView($p->half, $p->part), $places),
                Phrase::list(array_map(static fn (Place $p): string => $p->label(), $places)),
                $count,
                round($ml, 1),
            );
        }, $this->coats->grouped($piece));
    }

    /** @return array<string, float> */
    private function areas(StoredPiece $piece): array
    {
        $core = $piece->toCore();
        $areas = [];
        foreach ($core->parts as $part) {
            $areas[$part->at->key] = round($core->areaDm2($part->at), 2);
        }

        return $areas;
    }

    private static function reading(Row $row): ReadingView
    {
        $lab = Lab::computed($row->float('l'), $row->float('a'), $row->float('b'));
        $measured = null !== $row->textOrNull('spectrum');
        $spectrum = $measured
            ? Spectrum::grid($row->numbers('spectrum'))
            : SmoothestReflectance::of($lab, Light::daylight());
        $spot = ReadSpot::from($row->text('spot'));
        $source = ReadingSource::from($row->text('source'));
        $leftOut = array_map(
            static fn (mixed $l): string => \is_array($l) && 3 === \count($l)
                ? Lab::computed(...array_map(static fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0, array_values($l)))->toSrgbHex()
                : '',
            array_values($row->json('left_out')),
        );

        return new ReadingView(
            id: $row->int('id'),
            half: $row->enum('half', Half::class),
            part: $row->enum('part', PartName::class),
            partLabel: PartName::from($row->text('part'))->label(),
            spot: $spot,
            spotLabel: $spot->label(),
            whereabouts: $row->text('whereabouts'),
            gloss: $row->enum('gloss', Gloss::class),
            source: $source,
            sourceLabel: $source->label(),
            seen: SeenView::of($spectrum),
            doubt: round($row->float('doubt'), 1),
            taken: $row->int('taken'),
            leftOut: $leftOut,
            measured: $measured,
            at: Iso::always($row->text('at')),
            by: $row->text('person'),
        );
    }

    /**
     * Left against right, mended against sound, before against after.
     *
     * @param list<ReadingView> $readings latest first
     *
     * @return list<PairView>
     */
    private static function pairs(array $readings): array
    {
        $latest = $first = [];
        foreach ($readings as $reading) {
            $latest[$reading->part->value][$reading->spot->value][$reading->half->value] ??= $reading;
            $first[$reading->part->value][$reading->spot->value][$reading->half->value] = $reading;
        }
        $pairs = [];
        foreach ($latest as $part => $spots) {
            $sound = $spots['sound'] ?? [];
            $label = current(current($spots))->partLabel;
            if (isset($sound['left'], $sound['right'])) {
                $pairs[] = self::pair($sound['left'], $sound['right'], $label.': right against left', MatchLimit::LeftRight);
            }
            foreach ($spots['damage'] ?? [] as $half => $mended) {
                if (isset($sound[$half])) {
                    $pairs[] = self::pair(
                        $sound[$half],
                        $mended,
                        \sprintf('%s%s: the mended place against a sound one', 'whole' === $half ? '' : $half.' ', $label),
                        MatchLimit::SamePart,
                    );
                }
            }
            foreach ($spots['wanted'] ?? [] as $half => $wanted) {
                // Read since then, it shows whether it has the colour.
                if (isset($sound[$half]) && $sound[$half]->id > $wanted->id) {
                    $what = \sprintf('%s%s: as it is against the wanted colour', 'whole' === $half ? '' : $half.' ', $label);
                    $pairs[] = self::pair($wanted, $sound[$half], $what, MatchLimit::SamePart);
                }
            }
            // What is wanted was never there, and the way back of what darkened is drawn by itself.
            foreach (array_diff_key($spots, ['wanted' => 1, 'settling' => 1]) as $spot => $halves) {
                foreach ($halves as $half => $last) {
                    $before = $first[$part][$spot][$half];
                    if ($before->id !== $last->id) {
                        $pairs[] = self::pair(
                            $before,
                            $last,
                            \sprintf('%s%s, %s: after against before', 'whole' === $half ? '' : $half.' ', $label, $last->spotLabel),
                            null,
                        );
                    }
                }
            }
        }

        return $pairs;
    }

    private static function pair(ReadingView $one, ReadingView $other, string $what, ?MatchLimit $limit): PairView
    {
        $lab = static fn (ReadingView $r): Lab => Lab::computed($r->seen->lab->l, $r->seen->lab->a, $r->seen->lab->b);
        $difference = DifferenceView::compared($lab($one), $lab($other));

        return new PairView(
            $one->id,
            $other->id,
            $what,
            $limit?->dE00(),
            $difference,
            $limit?->verdict($difference->dE00) ?? '',
            null === $limit || $difference->dE00 <= $limit->dE00(),
        );
    }
}
