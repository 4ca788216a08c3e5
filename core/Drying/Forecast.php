<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

/** What {@see Forecaster} found: minutes from laying to each stage, null where there is no limit or the coat stalls. */
final readonly class Forecast
{
    /**
     * @param array<string, float|null> $minutes  by {@see Stage} value
     * @param list<Warning>             $warnings
     */
    public function __construct(
        public \DateTimeImmutable $laidAt,
        private array $minutes,
        public bool $stalled,
        public array $warnings,
    ) {
    }

    public function minutes(Stage $stage): ?float
    {
        return $this->minutes[$stage->value];
    }

    /** To the second, in the offset in which the laying was given. */
    public function at(Stage $stage): ?\DateTimeImmutable
    {
        $minutes = $this->minutes($stage);
        if (null === $minutes) {
            return null;
        }
        $epoch = (int) round((float) $this->laidAt->format('U.u') + 60.0 * $minutes);

        return $this->laidAt->setTimestamp($epoch);
    }
}
