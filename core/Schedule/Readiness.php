<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;

/** Whether a step may start, from when, until when, and what stands in its way. */
final readonly class Readiness
{
    /** @param Task|null $because the step that it waits for */
    private function __construct(
        public Standing $standing,
        public ?\DateTimeImmutable $opensAt = null,
        public ?\DateTimeImmutable $closesAt = null,
        public ?Task $because = null,
        public ?Stage $stage = null,
    ) {
    }

    /** @param array<string, Task> $siblings the tasks of the same piece by key */
    public static function of(Task $task, array $siblings, \DateTimeImmutable $now): self
    {
        $opens = null;
        $opensFor = null;
        $opensStage = null;
        $closes = null;
        $closesFor = null;
        $test = null;
        foreach ($task->after as $bond) {
            $earlier = $siblings[$bond->step] ?? null;
            if (null === $earlier?->doneAt) {
                return new self(Standing::Blocked, because: $earlier);
            }
            $from = self::opens($bond, $earlier);
            if (null !== $from && (null === $opens || $from > $opens)) {
                [$opens, $opensFor, $opensStage] = [$from, $earlier, $bond->from];
            }
            if (null === $from && null !== $bond->from && !self::passed($bond, $earlier)) {
                return new self(Standing::Stalled, because: $earlier, stage: $bond->from);
            }
            if (null !== $bond->from && $earlier->awaitsGate()) {
                $test ??= $earlier;
            }
            $until = self::closes($bond, $earlier);
            if (null !== $until && (null === $closes || $until < $closes)) {
                [$closes, $closesFor] = [$until, $earlier];
            }
        }

        return match (true) {
            null !== $closes && $closes < $now => new self(Standing::Late, $opens, $closes, $closesFor),
            null !== $opens && $opens > $now => new self(Standing::Waiting, $opens, $closes, $opensFor, $opensStage),
            null !== $test => new self(Standing::ToTest, $opens, $closes, $test, $test->gateFrom),
            default => new self(Standing::Open, $opens, $closes, $closesFor),
        };
    }

    /** A passed gate ends the wait for its stage, whatever was forecast: the time is a forecast, the test decides (W-1). */
    private static function passed(After $bond, Task $earlier): bool
    {
        return $earlier->gatePassed && null !== $bond->from && true === $earlier->gateFrom?->covers($bond->from);
    }

    private static function opens(After $bond, Task $earlier): ?\DateTimeImmutable
    {
        return null === $bond->from || self::passed($bond, $earlier) ? null : $earlier->reaches($bond->from);
    }

    private static function closes(After $bond, Task $earlier): ?\DateTimeImmutable
    {
        if (null !== $bond->before) {
            return $earlier->reaches($bond->before);
        }

        return null === $bond->withinMinutes ? null : $earlier->doneAt?->add(new \DateInterval(\sprintf('PT%dS', (int) round(60 * $bond->withinMinutes))));
    }
}
