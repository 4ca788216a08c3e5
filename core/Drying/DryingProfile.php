<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

/**
 * How a product family dries: minutes for a thin coat in {@see Air::reference()}.
 *
 * A null driver means that air changes nothing and the minutes are plain.
 */
final readonly class DryingProfile
{
    public function __construct(
        public ?Driver $driesBy,
        public ?Driver $fullBy,
        public float $touchMinutes,
        public ?float $recoatFromMinutes,
        public ?float $recoatUntilMinutes,
        public float $nextMinutes,
        public float $fullMinutes,
        public float $thicknessExponent = 1.0,
        public bool $film = false,
        public ?float $minTempC = null,
        public ?float $maxRh = null,
        public bool $sprayed = false,
    ) {
    }

    /**
     * @param Driver $dries drives it up to the moment when another family may follow
     * @param Driver $ends  drives it until it may be flexed, rained on, boxed
     */
    public static function by(
        Driver $dries,
        Driver $ends,
        float $touch,
        float $next,
        float $full,
        ?float $recoatFrom = null,
        ?float $recoatUntil = null,
        float $thicknessExponent = 1.0,
        bool $film = false,
        ?float $minTempC = null,
        ?float $maxRh = null,
        bool $sprayed = false,
    ): self {
        return new self($dries, $ends, $touch, $recoatFrom, $recoatUntil, $next, $full, $thicknessExponent, $film, $minTempC, $maxRh, $sprayed);
    }

    /** Whatever the air: it works or waits so many minutes. */
    public static function plain(float $touch, float $next, float $full): self
    {
        return new self(null, null, $touch, null, null, $next, $full);
    }

    /** Null where the family has no such limit. */
    public function minutes(Stage $stage): ?float
    {
        return match ($stage) {
            Stage::Touch => $this->touchMinutes,
            Stage::RecoatFrom => $this->recoatFromMinutes,
            Stage::RecoatUntil => $this->recoatUntilMinutes,
            Stage::Next => $this->nextMinutes,
            Stage::Full => $this->fullMinutes,
        };
    }

    public function driver(Stage $stage): ?Driver
    {
        return match ($stage) {
            Stage::Touch, Stage::RecoatFrom, Stage::Next => $this->driesBy,
            Stage::Full => $this->fullBy,
            Stage::RecoatUntil => Driver::Cure,
        };
    }

    /** Below its lowest temperature a film does not form, whatever drives it (W-3). */
    public function standsStillIn(Air $air): bool
    {
        return $this->film && null !== $this->minTempC && $air->tempC < $this->minTempC;
    }
}
