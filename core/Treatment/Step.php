<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;

/** One coat or one act, on one or several places. */
final readonly class Step
{
    /**
     * @param list<Place>    $on
     * @param list<After>    $after         one at most for each earlier step
     * @param list<FamilyId> $tries         families that a trial tries out of sight
     * @param string|null    $ifNeededAfter the look without whose “not enough” it is not done
     * @param string|null    $insteadOf     the spoiled coat in whose place it is laid: the two count as one
     */
    private function __construct(
        public string $id,
        public Phase $phase,
        public Action $action,
        public ?FamilyId $family,
        public Applicator $applicator,
        public array $on,
        public int $coat,
        public int $coats,
        public array $after,
        public array $tries,
        public ?string $ifNeededAfter = null,
        public ?string $insteadOf = null,
    ) {
    }

    /** @param list<Place> $on */
    public static function lay(Phase $phase, FamilyId $family, Applicator $applicator, array $on, int $coat = 1, int $coats = 1): self
    {
        return new self('', $phase, Action::Lay, $family, $applicator, $on, $coat, $coats, [], []);
    }

    /**
     * As it is told from outside, by id and with its bonds.
     *
     * @param list<Place>    $on
     * @param list<After>    $after
     * @param list<FamilyId> $tries
     */
    public static function told(string $id, Action $action, ?FamilyId $family, Applicator $applicator, array $on, array $after, array $tries = []): self
    {
        return new self($id, self::phaseOf($action, $family), $action, $family, $applicator, $on, 1, 1, $after, $tries);
    }

    /** @param list<Place> $on */
    public static function act(Phase $phase, Action $action, array $on, int $coat = 1, int $coats = 1): self
    {
        return new self('', $phase, $action, null, Applicator::None, $on, $coat, $coats, [], []);
    }

    /**
     * @param list<Place>    $on
     * @param list<FamilyId> $tries
     */
    public static function trial(array $on, array $tries): self
    {
        return new self('', Phase::Trial, Action::Trial, null, Applicator::Cloth, $on, 1, 1, [], $tries);
    }

    public function named(string $id): self
    {
        return $this->but(id: $id);
    }

    public function bound(After $bond): self
    {
        $after = [];
        foreach ($this->after as $known) {
            if ($known->step === $bond->step) {
                $bond = $known->and($bond);
            } else {
                $after[] = $known;
            }
        }

        return $this->but(after: [...$after, $bond]);
    }

    public function bondTo(string $step): ?After
    {
        foreach ($this->after as $bond) {
            if ($bond->step === $step) {
                return $bond;
            }
        }

        return null;
    }

    public function touches(Place $place): bool
    {
        foreach ($this->on as $at) {
            if ($at->key === $place->key) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Half> */
    public function halves(): array
    {
        $halves = [];
        foreach ($this->on as $place) {
            $halves[$place->half->value] = $place->half;
        }

        return array_values($halves);
    }

    /**
     * The same step on fewer or more places.
     *
     * @param list<Place> $on
     */
    public function onto(array $on): self
    {
        return $this->but(on: $on);
    }

    /**
     * The same step with other bonds.
     *
     * @param list<After> $after
     */
    public function bonds(array $after): self
    {
        return $this->but(after: $after);
    }

    /** Another product in its place. */
    public function swapped(FamilyId $family, Applicator $applicator): self
    {
        return $this->but(phase: self::phaseOf($this->action, $family), family: $family, applicator: $applicator);
    }

    /** The same act with a tool in hand. */
    public function withTool(Applicator $applicator): self
    {
        return $this->but(applicator: $applicator);
    }

    /** As which coat of how many, in which phase. */
    public function asCoat(int $coat, int $coats, ?Phase $phase = null): self
    {
        return $this->but(phase: $phase ?? $this->phase, coat: $coat, coats: $coats);
    }

    /** Held back until a look says that it is needed. */
    public function ifNeededAfter(?string $look): self
    {
        return $this->but(ifNeededAfter: $look);
    }

    /** In the place of a coat that was spoiled. */
    public function insteadOf(?string $spoiled): self
    {
        return $this->but(insteadOf: $spoiled);
    }

    private function but(mixed ...$changed): self
    {
        // @phpstan-ignore argument.type (its own properties, under their own names)
        return new self(...[...get_object_vars($this), ...$changed]);
    }

    /** A touch of product on a mark, not a coat of the part. */
    public function isSpot(): bool
    {
        return Action::Lay === $this->action && ($this->applicator->spots() || FamilyId::TouchUp === $this->family);
    }

    /** What it does, whatever it does it to: “lay wax” is one thing, “buff” another. */
    public function what(): string
    {
        return null === $this->family ? $this->action->value : $this->family->value;
    }

    /** What it lays has this effect. */
    public function does(Effect $effect): bool
    {
        return null !== $this->family && Family::of($this->family)->does($effect);
    }

    /** Colour over the whole part, under which whatever lifts colour is forgiven. */
    public function recolours(): bool
    {
        return ($this->does(Effect::Dyes) || $this->does(Effect::Paints)) && !$this->isSpot();
    }

    /** Colour on a spot, for which that spot may be cleaned with what lifts colour. */
    public function touchesIn(): bool
    {
        return ($this->does(Effect::Dyes) || $this->does(Effect::Paints)) && $this->isSpot();
    }

    /** It runs, sprays or stains beyond where it is put; what is sprayed inside stays there. */
    public function runs(): bool
    {
        return null !== $this->family && !$this->does(Effect::StaysInside) && ($this->does(Effect::Runs) || $this->applicator->sprays());
    }

    /** It leaves a coat against which a tape was set: film, dye, dressing or spray (O-27). */
    public function coats(): bool
    {
        return $this->runs() || $this->laysFilm() && !$this->does(Effect::LeavesNoEdge);
    }

    /**
     * Both halves can be worked in one go: an act, a cleaner, a cream. Where a coat has a window of its own, one half dries while the other is worked (O-19).
     */
    public function isOneSitting(): bool
    {
        return !$this->does(Effect::Bonds) && Action::Bond !== $this->action
            && ($this->isSpot() || !$this->laysFilm() || FamilyId::EdgeDressing === $this->family);
    }

    /** The same act, of which another half or further parts may be done in one go. */
    public function isSameAct(self $other): bool
    {
        return $this->action === $other->action && $this->family === $other->family && $this->applicator === $other->applicator
            && $this->phase === $other->phase && $this->coat === $other->coat && $this->tries === $other->tries
            && $this->ifNeededAfter === $other->ifNeededAfter;
    }

    /** Together with the same act on other places. */
    public function with(self $other): self
    {
        $step = $this->onto([...$this->on, ...array_values(array_filter($other->on, fn (Place $p): bool => !$this->touches($p)))])
            ->asCoat($this->coat, max($this->coats, $other->coats));
        foreach ($other->after as $bond) {
            $step = $bond->step === $this->id ? $step : $step->bound($bond);
        }

        return $step;
    }

    /** A product goes on, other than a dry brush. */
    public function laysProduct(): bool
    {
        return null !== $this->family && !$this->does(Effect::LaysNothing);
    }

    public function laysFat(): bool
    {
        return $this->does(Effect::LaysFat);
    }

    /** Film or dye: holds only on clean ground. */
    public function laysFilm(): bool
    {
        return $this->does(Effect::NeedsCleanGround);
    }

    public function wets(): bool
    {
        return $this->does(Effect::Wets);
    }

    /** The family whose drying this step starts: its own, or the slowest of those it tries. */
    public function dryingFamily(): ?FamilyId
    {
        if (null !== $this->family) {
            return Family::of($this->family)->dries() ? $this->family : null;
        }
        $slowest = null;
        foreach ($this->tries as $tried) {
            if (null === $slowest || Family::of($tried)->drying->nextMinutes > Family::of($slowest)->drying->nextMinutes) {
                $slowest = $tried;
            }
        }

        return $slowest;
    }

    private static function phaseOf(Action $action, ?FamilyId $family): Phase
    {
        return Action::Lay === $action && null !== $family ? Family::of($family)->phase : $action->phase();
    }
}
