<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Assessment\Half;
use KindHeel\Core\Assessment\PartName;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\Place;

/** A whole piece in the middle of the work. */
final readonly class PieceState
{
    /**
     * @param array<string, PartState>           $parts    by {@see Place}
     * @param array<string, array<string, bool>> $done     acts on a half as a whole, by half and action
     * @param array<string, string>              $dressing the last step that laid dressing, by half
     */
    private function __construct(public Piece $piece, private array $parts, private array $done, private array $dressing)
    {
    }

    public static function asFound(Piece $piece): self
    {
        return new self(
            $piece,
            array_map(static fn ($part): PartState => PartState::asFound($part, $piece->findingsAt($part->at)), $piece->parts),
            [],
            [],
        );
    }

    public function at(Place $place): ?PartState
    {
        return $this->parts[(string) $place] ?? null;
    }

    /** @return list<PartState> */
    public function touchedBy(Step $step): array
    {
        return array_values(array_filter(array_map($this->at(...), $step->on)));
    }

    /** @return list<PartState> */
    public function ofHalf(Half $half): array
    {
        return array_values(array_filter($this->parts, static fn (PartState $s): bool => $s->part->at->half === $half));
    }

    /** @return list<PartState> */
    public function all(): array
    {
        return array_values($this->parts);
    }

    public function isDone(Action $action, Half $half): bool
    {
        return isset($this->done[$half->value][$action->value]);
    }

    public function lastDressing(Half $half): ?string
    {
        return $this->dressing[$half->value] ?? null;
    }

    /** @return list<Place> what comes off before cleaning */
    public function detachables(): array
    {
        $places = [];
        foreach ($this->piece->kind->halves() as $half) {
            foreach ($this->piece->kind->parts() as $part) {
                if ($part->isDetachable()) {
                    $places[] = new Place($part, $half);
                }
            }
        }

        return $places;
    }

    /** @return list<PartState> what dressing, run too far, would stain on the same half (S-2) */
    public function neighboursOf(Place $place): array
    {
        return array_values(array_filter(array_map(
            fn (PartName $name): ?PartState => $this->at(new Place($name, $place->half)),
            $this->piece->kind->neighbours($place->part),
        )));
    }

    public function after(Step $step): self
    {
        $parts = $this->parts;
        foreach ($parts as $key => $state) {
            if ($step->touches($state->part->at)) {
                $parts[$key] = $state->after($step);
            }
        }
        $done = $this->done;
        $dressing = $this->dressing;
        foreach ($step->halves() as $half) {
            $done[$half->value][$step->action->value] = true;
            if (FamilyId::EdgeDressing === $step->family) {
                $dressing[$half->value] = $step->id;
            }
        }

        return new self($this->piece, $parts, $done, $dressing);
    }
}
