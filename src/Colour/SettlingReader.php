<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StepRecord;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StoredPiece;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\DyeFinish;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Settling\Settling;
use KindHeel\Core\Colour\Settling\SettlingHabit;
use KindHeel\Core\Colour\SmoothestReflectance;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use Psr\Clock\ClockInterface;

/** Places that a product has darkened, on their way back. */
final readonly class SettlingReader
{
    private const TWO_HOURS = 2.0;
    private const NEXT_DAY = 24.0;
    /** Readings that lie so near in time are of one look. */
    private const ONE_LOOK_S = 3600;
    /** A step that ended longer ago has settled by now. */
    private const RECENT_S = 48 * 3600;
    private const DRAWN = 48;
    /** What others did is learned from so many at the most. */
    private const ALIKE = 40;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private Steps $steps,
        private ColourShelf $shelf,
        private ClockInterface $clock,
    ) {
    }

    /** @return array{list<SettlingView>, list<MayDarkenView>} what is watched, the last first, and what has just been laid and might be */
    public function of(StoredPiece $piece): array
    {
        $settlings = $this->ofPiece($piece);
        $laid = $this->justLaid($piece);
        $readings = [] === $settlings && [] === $laid ? [] : $this->readings($piece);

        return [
            array_map(fn (StoredSettling $s): SettlingView => $this->view($s, $settlings, $readings), $settlings),
            self::mayDarken($laid, $settlings, $readings),
        ];
    }

    /** A reading of the treated place may show that it has come to rest: what stayed teaches what to expect of others. */
    public function conclude(Reading $reading): void
    {
        $settlings = $this->ofPiece($reading->piece());
        foreach ($settlings as $settling) {
            if ($settling->place()->key !== $reading->place()->key || $reading->at() < $settling->laidAt()) {
                continue;
            }
            $readings = $this->readings($reading->piece());
            $looks = $this->looks($settling, $settlings, $readings);
            $seen = array_map(static fn (array $l): array => [$l[0], $l[1]], $looks);
            $way = Settling::of($settling->before()->lab(), $seen, SettlingHabit::usual($settling->family()));
            if ($way->isJudged() && [] !== $looks) {
                $last = $looks[\count($looks) - 1][2];
                $settling->concludes($way->stays, null === $settling->dye() ? null : DyeFinish::deepened(
                    $settling->before()->spectrum(),
                    $last->spectrum(),
                    $last->gloss(),
                ));
            } else {
                $settling->concludes(null, null);
            }

            return;
        }
    }

    /** @return array<string, non-empty-list<float>> by how much finishes deepened each dye here, by its code */
    public function deepened(): array
    {
        $seen = [];
        foreach (Row::all($this->connection, 'SELECT dye, deepened FROM settling WHERE deepened IS NOT NULL ORDER BY id DESC LIMIT 400') as $row) {
            $seen[$row->text('dye')][] = $row->float('deepened');
        }

        return $seen;
    }

    public function habit(FamilyId $family, Material $material, int $without): SettlingHabit
    {
        return SettlingHabit::learned($family, array_map(
            static fn (Row $r): float => $r->float('stayed'),
            Row::all(
                $this->connection,
                'SELECT stayed FROM settling WHERE family = ? AND material = ? AND stayed IS NOT NULL AND id <> ? ORDER BY id DESC LIMIT '.self::ALIKE,
                [$family->value, $material->value, $without],
            ),
        ));
    }

    /** @return array<int, StepRecord> */
    private function justLaid(StoredPiece $piece): array
    {
        $since = $this->clock->now()->getTimestamp() - self::RECENT_S;

        return array_filter(
            $this->steps->ofPiece($piece->id()),
            static fn (StepRecord $s): bool => $s->isDone() && null !== $s->family && SettlingHabit::isWatched($s->family)
                && ($s->work->endedAt?->getTimestamp() ?? 0) > $since,
        );
    }

    /**
     * @param array<int, StepRecord> $steps
     * @param list<StoredSettling>   $settlings
     * @param list<Reading>          $readings
     *
     * @return list<MayDarkenView> the last first; places of which something was read before
     */
    private static function mayDarken(array $steps, array $settlings, array $readings): array
    {
        $read = $watched = [];
        foreach ($readings as $reading) {
            if (ReadSpot::Sound === $reading->spot() || ReadSpot::Damage === $reading->spot()) {
                $read[$reading->place()->key] = min($read[$reading->place()->key] ?? \PHP_INT_MAX, $reading->at()->getTimestamp());
            }
        }
        foreach ($settlings as $settling) {
            $watched[$settling->place()->key] = max($watched[$settling->place()->key] ?? 0, $settling->laidAt()->getTimestamp());
        }
        $found = [];
        foreach ($steps as $step) {
            $laidAt = $step->work->endedAt?->getTimestamp() ?? 0;
            $places = array_values(array_filter($step->on, static function (Place $place) use ($read, $watched, $laidAt): bool {
                $before = min($read[$place->key] ?? \PHP_INT_MAX, Half::Whole === $place->half ? \PHP_INT_MAX : $read[$place->fellow()->key] ?? \PHP_INT_MAX);

                return $before < $laidAt && ($watched[$place->key] ?? 0) < $laidAt;
            }));
            if ([] !== $places && null !== $step->family) {
                $found[] = new MayDarkenView(
                    $step->id,
                    $step->title,
                    $step->family,
                    (string) Iso::of($step->work->endedAt),
                    array_map(static fn (Place $p): PotPartView => new PotPartView($p->half, $p->part), $places),
                );
            }
        }

        return array_reverse($found);
    }

    /**
     * @param list<StoredSettling> $all      of the piece
     * @param list<Reading>        $readings of the piece
     */
    private function view(StoredSettling $settling, array $all, array $readings): SettlingView
    {
        $before = $settling->before();
        $looks = $this->looks($settling, $all, $readings);
        $habit = $this->habit($settling->family(), $settling->material(), $settling->id());
        $way = Settling::of($before->lab(), array_map(static fn (array $l): array => [$l[0], $l[1]], $looks), $habit);
        $off = static fn (Lab $lab): float => round(Difference::ciede2000($before->lab(), $lab), 2);
        $last = $looks[\count($looks) - 1][0] ?? null;
        $lookAfter = match (true) {
            null === $last => 0.0,
            $last < self::TWO_HOURS => self::TWO_HOURS,
            $way->isJudged() => null,
            default => max(self::NEXT_DAY, $way->judgedFrom()),
        };
        $at = static fn (float $hours): string => (string) Iso::of($settling->laidAt()->modify('+'.(int) round(60.0 * $hours).' minutes'));
        [$least, $most] = $way->staysBetween();
        $drawn = [];
        for ($i = 0; $i <= self::DRAWN; ++$i) {
            // Closer together at the beginning, where most of it happens.
            $hours = 36.0 * ($i / self::DRAWN) ** 2;
            $drawn[] = new WayBackPointView(round($hours, 2), $off($way->at($hours)));
        }

        return new SettlingView(
            id: $settling->id(),
            half: $settling->place()->half,
            part: $settling->place()->part,
            where: $settling->place()->label(),
            what: Family::of($settling->family())->label,
            dye: null === $settling->dye() ? null : $this->shelf->name($settling->dye()),
            laidAt: (string) Iso::of($settling->laidAt()),
            before: SeenView::of($before->spectrum()),
            looks: array_map(static fn (array $l): SettlingLookView => new SettlingLookView(
                (string) Iso::of($l[2]->at()),
                round($l[0], 2),
                $off($l[1]),
                SeenView::of($l[2]->spectrum()),
            ), $looks),
            way: $drawn,
            least: round($least, 1),
            most: round($most, 1),
            final: SeenView::of(SmoothestReflectance::of($way->final(), Light::daylight())),
            alike: $habit->seen,
            sentence: $way->sentence(),
            advice: $way->advice(),
            judgedFrom: $at($way->judgedFrom()),
            lookAt: null === $lookAfter ? null : $at($lookAfter),
            beside: [] !== array_filter($looks, static fn (array $l): bool => $l[3]),
        );
    }

    /**
     * What was read of the place since; what the untouched half did meanwhile, where both were read, is taken off.
     *
     * @param list<StoredSettling> $all
     * @param list<Reading>        $readings in the order in which they were taken
     *
     * @return list<array{float, Lab, Reading, bool}> hours, the colour, its reading, whether the other half was read beside it
     */
    private function looks(StoredSettling $settling, array $all, array $readings): array
    {
        $place = $settling->place();
        $until = null;
        foreach ($all as $other) {
            if ($other->place()->key === $place->key && $other->laidAt() > $settling->laidAt() && (null === $until || $other->laidAt() < $until)) {
                $until = $other->laidAt();
            }
        }
        $fellow = Half::Whole === $place->half ? null : $place->fellow();
        $looks = [];
        foreach ($readings as $reading) {
            $taken = $reading->at();
            if (
                ReadSpot::Settling !== $reading->spot() || $reading->place()->key !== $place->key || $taken < $settling->laidAt()
                || null !== $until && $taken >= $until
            ) {
                continue;
            }
            $was = null === $fellow ? null : self::near($readings, $fellow, $settling->before()->at());
            $is = null === $fellow ? null : self::near($readings, $fellow, $taken);
            $lab = $reading->lab();
            $beside = null !== $was && null !== $is && $was->id() !== $is->id();
            if ($beside) {
                [$a, $b] = [$was->lab(), $is->lab()];
                $lab = Lab::computed($lab->lightness - $b->lightness + $a->lightness, $lab->a - $b->a + $a->a, $lab->b - $b->b + $a->b);
            }
            $looks[] = [max(0.0, ($taken->getTimestamp() - $settling->laidAt()->getTimestamp()) / 3600.0), $lab, $reading, $beside];
        }

        return $looks;
    }

    /** @param list<Reading> $readings */
    private static function near(array $readings, Place $place, \DateTimeImmutable $at): ?Reading
    {
        $found = null;
        $nearest = self::ONE_LOOK_S;
        foreach ($readings as $reading) {
            $apart = abs($reading->at()->getTimestamp() - $at->getTimestamp());
            if (ReadSpot::Sound === $reading->spot() && $reading->place()->key === $place->key && $apart <= $nearest) {
                [$found, $nearest] = [$reading, $apart];
            }
        }

        return $found;
    }

    /** @return list<StoredSettling> the last first */
    private function ofPiece(StoredPiece $piece): array
    {
        return $this->entities->getRepository(StoredSettling::class)->findBy(['piece' => $piece], ['laidAt' => 'DESC', 'id' => 'DESC']);
    }

    /** @return list<Reading> */
    private function readings(StoredPiece $piece): array
    {
        return $this->entities->getRepository(Reading::class)->findBy(['piece' => $piece], ['at' => 'ASC', 'id' => 'ASC']);
    }
}
