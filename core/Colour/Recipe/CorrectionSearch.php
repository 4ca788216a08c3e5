<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\Calibration;
use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Text\Message;

/** Corrects a pot by additions alone: nothing can be taken out, and the pot has only so much room. */
final readonly class CorrectionSearch
{
    /** Of additions within this of the nearest, the fewest drops are proposed. */
    private const AS_GOOD = 0.1;
    private const SPARED = 6;
    private const WELL_WITHIN = 0.6;
    /** What the whole pot is worth to the search, in ΔE00²: it draws towards fewer drops without losing the match. */
    private const HASTE = 0.005;
    /** More paints than these never bring a colour nearer: three dimensions need four corners. */
    private const MOST_PAINTS = 6;

    /** @var array<string, Paint> */
    private array $byId;
    private Mixture $mixed;

    /**
     * @param list<Paint>        $paints
     * @param array<string, int> $pot      whole drops that are in it
     * @param int                $capacity drops
     * @param Calibration|null   $learned  what a dried dab of this pot taught
     * @param \Closure(): bool   $goOn
     *
     * @throws ColourError when the pot is empty, or fuller than it can be
     */
    public function __construct(
        private array $paints,
        private array $pot,
        private int $capacity,
        private Target $target,
        private Layer $layer,
        private ?Calibration $learned,
        private \Closure $goOn,
    ) {
        $byId = [];
        foreach ($paints as $paint) {
            $byId[$paint->id] = $paint;
        }
        $this->byId = $byId;
        $this->mixed = Mixture::of($byId, $pot);
        if ($this->mixed->total > $capacity) {
            throw new ColourError(Message::of('The pot holds more drops than it has room for.'));
        }
    }

    /**
     * @param int<0, max> $most      different paints to add, those already in the pot included
     * @param float       $tolerance ΔE00, weighted
     */
    public function correct(int $most, float $tolerance, bool $binder = false): Correction
    {
        $binder = $binder && null !== $this->layer->thickness;
        $corners = Corners::ofPot($this->mixed, $this->capacity, $this->paints, $binder, $this->learned?->ratio);

        return $this->judged($corners, $this->best($corners, $most), $most, $tolerance, $binder);
    }

    private function judged(Corners $corners, Tally $best, int $most, float $tolerance, bool $binder): Correction
    {
        $additions = [];
        foreach ($best->drops as $corner => $count) {
            $additions[$corners->ids[$corner]] = $count;
        }
        $before = $this->look([]);
        $after = $this->look($additions);
        $reason = $after->weighted <= $tolerance ? null : $this->reason($corners, $most, $tolerance, $binder);
        $restart = null === $reason
                ? null
                : (new RecipeSearch($this->paints, $this->target, $this->layer, $this->goOn))->recipes(
                    PotSize::of(1, $this->capacity),
                    max(1, $most),
                    $binder,
                )[0];

        return new Correction($additions, $before, $after, $reason, $restart);
    }

    /**
     * With as few different paints as come well within the tolerance; with all that are allowed where none do.
     *
     * @param int<1, max> $most
     */
    public function simplest(int $most, float $tolerance): Correction
    {
        $corners = Corners::ofPot($this->mixed, $this->capacity, $this->paints, false, $this->learned?->ratio);
        for ($paints = 0; $paints < $most; ++$paints) {
            $best = $this->best($corners, $paints);
            if ($best->near <= self::WELL_WITHIN * $tolerance) {
                return $this->judged($corners, $best, $paints, $tolerance, false);
            }
        }

        return $this->correct($most, $tolerance);
    }

    /**
     * The pot with additions, as it is predicted after what its dab taught.
     *
     * @param array<string, int> $additions
     */
    public function look(array $additions): Recipe
    {
        $drops = $this->pot;
        foreach ($additions as $id => $count) {
            $drops[$id] = ($drops[$id] ?? 0) + $count;
        }
        $mixture = Mixture::of($this->byId, $drops);
        $look = ($this->learned?->applied($mixture) ?? $mixture)->look($this->layer->ground, $this->layer->thickness);

        return Recipe::of(array_filter($drops), $look, $this->target);
    }

    /** @param int<0, max> $most */
    private function best(Corners $corners, int $most): Tally
    {
        $search = new MixSearch($corners, $this->target, $this->layer, $this->goOn, self::HASTE);
        $size = PotSize::of($corners->held, max($corners->held, $this->capacity));
        $drops = $search->drops($most, $size);
        $nearest = $drops->nearest()->near;
        $good = self::sparing($drops, $nearest);
        foreach (\array_slice($good, 0, self::SPARED) as $tally) {
            $drops->spare($tally, $nearest + self::AS_GOOD);
        }

        return self::sparing($drops, $nearest)[0];
    }

    /** @return non-empty-list<Tally> as good as the nearest, fewest drops first */
    private static function sparing(WholeDrops $drops, float $nearest): array
    {
        $good = array_values(array_filter($drops->all(), static fn (Tally $t): bool => $t->near <= $nearest + self::AS_GOOD));
        usort($good, static fn (Tally $a, Tally $b): int => [$a->total, $a->near] <=> [$b->total, $b->near]);
        \assert([] !== $good);

        return $good;
    }

    private function reason(Corners $corners, int $most, float $tolerance, bool $binder): NotReached
    {
        if ($most < self::MOST_PAINTS && ($this->goOn)() && $this->best($corners, self::MOST_PAINTS)->near <= $tolerance) {
            return NotReached::TooMany;
        }
        $nearest = (new RecipeSearch($this->paints, $this->target, $this->layer, $this->goOn))->nearest(self::MOST_PAINTS, $binder);

        // What could not be settled in time is put down to room.
        return $nearest <= $tolerance || !($this->goOn)() ? NotReached::Capacity : NotReached::OutOfRange;
    }
}
