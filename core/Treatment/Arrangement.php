<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Place;

/** How a piece is arranged for the work: what has come off it, what is under tape, what is held in clamps, what stands on a tree. A value. */
final readonly class Arrangement
{
    /**
     * @param array<string, Place> $off    taken off, by {@see Place}
     * @param array<string, Place> $taped  under tape
     * @param array<string, Place> $held   in clamps
     * @param array<string, Half>  $onTree by half
     */
    private function __construct(public array $off, public array $taped, public array $held, public array $onTree)
    {
    }

    public static function asFound(): self
    {
        return new self([], [], [], []);
    }

    /** What the act changes is what this answers to; all others leave it as it is. */
    public static function isChangedBy(Action $action): bool
    {
        return \in_array(
            $action,
            [
                Action::TakeApart, Action::PutTogether, Action::Mask, Action::Unmask, Action::Bond, Action::Unclamp, Action::Tree, Action::TreeOut,
            ],
            true,
        );
    }

    /** @param list<Place> $on where the act was done */
    public function after(Action $action, array $on): self
    {
        $places = $halves = [];
        foreach ($on as $place) {
            $places[$place->key] = $place;
            $halves[$place->half->value] = $place->half;
        }

        return match ($action) {
            Action::TakeApart => new self($this->off + $places, $this->taped, $this->held, $this->onTree),
            // What goes back on goes over no tree: where one is in still, it stays for the shelf.
            Action::PutTogether => new self(self::without($this->off, $halves), $this->taped, $this->held, $this->onTree),
            Action::Mask => new self($this->off, $this->taped + $places, $this->held, $this->onTree),
            Action::Unmask => new self($this->off, array_diff_key($this->taped, $places), $this->held, $this->onTree),
            Action::Bond => new self($this->off, $this->taped, $this->held + $places, $this->onTree),
            Action::Unclamp => new self($this->off, $this->taped, array_diff_key($this->held, $places), $this->onTree),
            Action::Tree => new self($this->off, $this->taped, $this->held, $this->onTree + $halves),
            Action::TreeOut => new self($this->off, $this->taped, $this->held, array_diff_key($this->onTree, $halves)),
            default => $this,
        };
    }

    /**
     * @param array<string, Place> $places
     * @param array<string, Half>  $halves
     *
     * @return array<string, Place>
     */
    private static function without(array $places, array $halves): array
    {
        return array_filter($places, static fn (Place $p): bool => !isset($halves[$p->half->value]));
    }
}
