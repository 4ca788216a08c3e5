<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\RecordedTrial;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Surface;

/** A whole piece in the middle of the work. A value: what changes is a copy, made in {@see after()}. */
final class PieceState
{
    /** @var array<string, PartState> by {@see Place} */
    private array $parts = [];
    /** @var array<string, array<string, true>> acts on a half as a whole, by half and action */
    private array $done = [];
    /** @var array<string, string> the last step that left film, dye or spray, by half */
    private array $lastCoat = [];
    private bool $lastWasTrial = false;
    /** @var array<string, string> the last step that laid dressing, by half */
    private array $dressing = [];

    private function __construct(public readonly Piece $piece)
    {
    }

    /** @param iterable<Step> $ahead all that is to be done to it */
    public static function asFound(Piece $piece, iterable $ahead): self
    {
        $coloured = $touched = [];
        foreach ($ahead as $step) {
            foreach ($step->touchesIn() ? $step->on : [] as $place) {
                $touched[$place->key] = ($touched[$place->key] ?? 0) + 1;
            }
            foreach ($step->recolours() ? $step->on : [] as $place) {
                $coloured[$place->key] = ($coloured[$place->key] ?? 0) + 1;
            }
        }
        $state = new self($piece);
        foreach ($piece->parts as $key => $part) {
            $state->parts[$key] = PartState::asFound(
                $part,
                $piece->findingsAt($part->at),
                array_values(array_filter(
                    $piece->trials,
                    static fn (RecordedTrial $t): bool => $t->tells($part->at) || true === $piece->part($t->at)?->isSameSkin($part),
                )),
                $coloured[$key] ?? 0,
                $touched[$key] ?? 0,
            );
        }

        return $state;
    }

    public function at(Place $place): ?PartState
    {
        return $this->parts[$place->key] ?? null;
    }

    /** @return list<PartState> */
    public function touchedBy(Step $step): array
    {
        $touched = [];
        foreach ($step->on as $place) {
            if (isset($this->parts[$place->key])) {
                $touched[] = $this->parts[$place->key];
            }
        }

        return $touched;
    }

    /** @return list<PartState> */
    public function ofHalf(Half $half): array
    {
        $found = [];
        foreach ($this->parts as $state) {
            if ($state->part->at->half === $half) {
                $found[] = $state;
            }
        }

        return $found;
    }

    /** @return array<string, PartState> by {@see Place} */
    public function all(): array
    {
        return $this->parts;
    }

    public function isDone(Action $action, Half $half): bool
    {
        return isset($this->done[$half->value][$action->value]);
    }

    public function lastDressing(Half $half): ?string
    {
        return $this->dressing[$half->value] ?? null;
    }

    /** The last step that left film, dye or spray on a half: the tape there comes off while it is soft (O-27). */
    public function lastCoat(Half $half): ?string
    {
        return $this->lastCoat[$half->value] ?? null;
    }

    /** @return list<Place> what comes off before cleaning */
    public function detachables(): array
    {
        $places = [];
        foreach ($this->piece->parts as $part) {
            if ($part->at->part->isDetachable()) {
                $places[] = $part->at;
            }
        }

        return $places;
    }

    public function after(Step $step): self
    {
        $next = clone $this;
        if ($this->lastWasTrial && Action::Trial !== $step->action) {
            $next->parts = array_map(static fn (PartState $p): PartState => $p->withoutTrialJustNow(), $this->parts);
        }
        $next->lastWasTrial = Action::Trial === $step->action;
        foreach (self::changesNothing($step) ? [] : (Action::Trial === $step->action ? $this->skinsOf($step) : $step->on) as $place) {
            if (isset($next->parts[$place->key])) {
                $next->parts[$place->key] = $next->parts[$place->key]->after($step);
            }
        }
        foreach ($step->halves() as $half) {
            $next->done[$half->value][$step->action->value] = true;
            if (\in_array(Surface::Dressed, null === $step->family ? [] : Family::of($step->family)->leaves($step->isSpot()), true)) {
                $next->dressing[$half->value] = $step->id;
            }
            if (Action::Mask === $step->action) {
                unset($next->lastCoat[$half->value]);
            }
            if ($step->coats()) {
                $next->lastCoat[$half->value] = $step->id;
            }
        }

        return $next;
    }

    /** It leaves every part as it is, and waits for no coat. */
    private static function changesNothing(Step $step): bool
    {
        if (!$step->action->leavesAsItIs()) {
            return false;
        }
        foreach ($step->after as $bond) {
            if (null !== $bond->from) {
                return false;
            }
        }

        return true;
    }

    /**
     * A trial binds the skin, not the spot.
     *
     * @return list<Place>
     */
    private function skinsOf(Step $trial): array
    {
        $places = [];
        foreach ($this->parts as $state) {
            foreach ($trial->on as $at) {
                $tried = $this->parts[$at->key] ?? null;
                if (null !== $tried && $tried->part->isSameSkin($state->part)) {
                    $places[$state->part->at->key] = $state->part->at;
                }
            }
        }

        return array_values($places);
    }

    /** The same piece where a step that was to come will not come to these places. */
    public function without(Step $step): self
    {
        $next = clone $this;
        foreach ($step->recolours() ? $step->on : [] as $place) {
            if (isset($next->parts[$place->key])) {
                $next->parts[$place->key] = $next->parts[$place->key]->expectingOneLess();
            }
        }

        return $next;
    }

    /** The colour that a part shows now: what it came in, until it is coloured. */
    public function colourAt(PartState $state): string
    {
        return $state->hasHadWhat(Effect::Paints, Effect::Dyes) ? $this->piece->colourOf($state->part) : $state->part->shade->value;
    }

    /** The colour that a step leaves on a part which it works: its own, or what shows through what is clear. */
    public function colourBy(Step $step, PartState $worked): string
    {
        return $step->does(Effect::Colours) ? $this->piece->colourOf($worked->part) : $this->colourAt($worked);
    }

    /** Some part of it carries this flag. */
    public function isFlagged(Flag $flag): bool
    {
        foreach ($this->piece->parts as $part) {
            if ($part->has($flag)) {
                return true;
            }
        }

        return false;
    }
}
