<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Job\StepRecord;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Treatment\Arrangement;

/** What is off one half, under tape or in clamps, and what holds its shape. */
final readonly class ArrangedView
{
    /** @param list<PartName> $parts none for a tree or paper, which holds the half as a whole */
    public function __construct(public Arranged $how, public Half $half, public array $parts)
    {
    }

    /**
     * @param list<StepRecord> $steps of one piece
     *
     * @return list<self>
     */
    public static function of(array $steps, Kind $kind): array
    {
        $done = array_filter($steps, static fn (StepRecord $s): bool => $s->isDone() && Arrangement::isChangedBy($s->action));
        usort($done, static fn (StepRecord $a, StepRecord $b): int => [$a->work->endedAt, $a->position] <=> [$b->work->endedAt, $b->position]);
        $now = Arrangement::asFound();
        foreach ($done as $step) {
            $now = $now->after($step->action, $step->on);
        }

        return [
            ...self::byHalf(Arranged::Off, $now->off),
            ...self::byHalf(Arranged::Taped, $now->taped),
            ...self::byHalf(Arranged::Held, $now->held),
            ...array_map(static fn (Half $h): self => new self(Arranged::inShape($kind), $h, []), array_values($now->onTree)),
        ];
    }

    /**
     * @param array<string, Place> $places
     *
     * @return list<self>
     */
    private static function byHalf(Arranged $how, array $places): array
    {
        $halves = [];
        foreach ($places as $place) {
            $halves[$place->half->value][] = $place->part;
        }

        return array_map(
            static fn (string $half, array $parts): self => new self($how, Half::from($half), $parts),
            array_keys($halves),
            array_values($halves),
        );
    }
}
