<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

/** A stored step as little as can be read of it: enough to see whether somebody at the bench needs the rest. */
final readonly class StepGlance
{
    /**
     * @param bool   $arranges   it was done, and the piece is without, under or in something since
     * @param int    $endedAt    in seconds since 1970; 0 where it has not ended
     * @param int    $driesUntil in seconds since 1970; 0 where no coat of it lies, {@see PHP_INT_MAX} where nobody knows
     * @param string $waits      before it, as its column keeps them
     */
    public function __construct(
        public int $id,
        public string $key,
        public string $title,
        public StepStatus $status,
        private bool $arranges,
        public int $endedAt,
        public int $driesUntil,
        private string $waits,
    ) {
    }

    /**
     * Those of which all is needed whatever the time is: what is under way or arranges the piece; what may be begun, or waits for something that is done, with
     * what it waits for; and what is next in any case. The rest waits for what has not been done.
     *
     * @param list<self> $steps of one piece, in their order
     *
     * @return array<int, true> by id
     */
    public static function needed(array $steps): array
    {
        $done = $open = $needed = [];
        foreach ($steps as $step) {
            if ($step->arranges || StepStatus::Running === $step->status) {
                $needed[$step->id] = true;
            }
            match ($step->status) {
                StepStatus::Done => $done[$step->key] = $step->id,
                StepStatus::Open => $open[] = $step,
                StepStatus::Running => null,
            };
        }
        foreach ($open as $i => $step) {
            $ready = [] === $done ? [] : array_intersect_key($done, array_flip($step->waitsFor()));
            if (0 === $i || '[]' === $step->waits || [] !== $ready) {
                $needed += [$step->id => true] + array_fill_keys($ready, true);
            }
        }

        return $needed;
    }

    /** @return list<string> keys of steps */
    private function waitsFor(): array
    {
        /** @var list<array{step: string}> $waits */
        $waits = json_decode($this->waits, true, flags: \JSON_THROW_ON_ERROR);

        return array_column($waits, 'step');
    }
}
