<?php

declare(strict_types=1);

namespace KindHeel\App\Drying;

use KindHeel\App\Air\AirHistory;
use KindHeel\App\Job\StepRecord;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Learning\Factors;
use KindHeel\App\Learning\Learning;
use KindHeel\Core\Drying\AirRecord;
use KindHeel\Core\Drying\Coat;
use KindHeel\Core\Drying\Forecast;
use KindHeel\Core\Drying\Forecaster;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;

/** How coats dry here: in the air that their pieces met, with what this workshop has learned of them. */
final readonly class CoatForecasts
{
    public function __construct(private Forecaster $forecaster, private AirHistory $air, private Learning $learning)
    {
    }

    /** A coat that has just been laid on a piece. */
    public function laid(FamilyId $family, Applicator $by, int $piece, \DateTimeImmutable $at): Forecast
    {
        return $this->in($this->air->around($piece, $at), $family, $by, $at, $this->learning->factors());
    }

    /** From that moment on what the step has laid dries. */
    public function begin(StoredStep $step, \DateTimeImmutable $at): void
    {
        $family = $step->dryingFamily();
        if (null !== $family) {
            $step->dries($this->laid($family, $step->applicator(), $step->piece()->id(), $at));
        }
    }

    /**
     * Coats that dry, each with the air it has met and how to ask what any air would do to it.
     *
     * @param list<StepRecord> $coats
     *
     * @return iterable<array{StepRecord, AirRecord, \Closure(AirRecord): Forecast}>
     */
    public function each(array $coats): iterable
    {
        if ([] === $coats) {
            return;
        }
        $factors = $this->learning->factors();
        $laid = array_map(self::laidAt(...), $coats);
        $around = $this->air->aroundEach(array_values(array_unique(array_map(static fn (StepRecord $s): int => $s->piece, $coats))), min($laid));
        foreach ($coats as $i => $step) {
            $family = $step->dryingFamily ?? throw new \LogicException('It does not dry.');
            yield [$step, $around[$step->piece], fn (AirRecord $air): Forecast => $this->in($air, $family, $step->applicator, $laid[$i], $factors)];
        }
    }

    private static function laidAt(StepRecord $step): \DateTimeImmutable
    {
        return $step->work->endedAt ?? throw new \LogicException('It has not been laid.');
    }

    private function in(AirRecord $air, FamilyId $family, Applicator $by, \DateTimeImmutable $at, Factors $factors): Forecast
    {
        return $this->forecaster->forecast(new Coat(Family::of($family)->drying, $at, learnedFactor: $factors->drying($family, $by)), $air);
    }
}
