<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\AirRecord;
use KindHeel\Core\Drying\Coat;
use KindHeel\Core\Drying\Forecast;
use KindHeel\Core\Drying\Forecaster;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;

/** How long a thin coat of each family takes to each stage in steady air, and what stage so many minutes are sure to reach. */
final class DryingTimes
{
    /** What rounding to a tenth of a minute can take off. */
    private const ROUNDING = 0.06;

    private Forecaster $forecaster;
    private AirRecord $record;
    private \DateTimeImmutable $origin;
    /** @var array<string, Forecast> by family id: in steady air a family always takes the same time */
    private array $forecasts = [];

    public function __construct(Air $air)
    {
        $this->forecaster = new Forecaster();
        $this->origin = new \DateTimeImmutable('@0');
        $this->record = AirRecord::steady($air, $this->origin);
    }

    /** Null when there is no such limit, or the coat stalls in this air. */
    public function minutes(FamilyId $family, Stage $stage): ?float
    {
        $this->forecasts[$family->value] ??= $this->forecaster->forecast(new Coat(Family::of($family)->drying, $this->origin), $this->record);

        return $this->forecasts[$family->value]->minutes($stage);
    }

    /** Minutes until a coat may be flexed, rained on, boxed; without end when it stalls in this air. */
    public function full(FamilyId $family): float
    {
        return Family::of($family)->dries() ? $this->minutes($family, Stage::Full) ?? \INF : 0.0;
    }

    /** A bond told in minutes: the stage that so long a wait is sure to reach, and the one that must not have been reached. */
    public function bond(string $step, ?FamilyId $family, float $minMinutes, ?float $maxMinutes): After
    {
        if (null === $family) {
            return new After($step, null, $maxMinutes);
        }
        $from = null;
        foreach ([Stage::Touch, Stage::RecoatFrom, Stage::Next, Stage::Full] as $stage) {
            $takes = $this->minutes($family, $stage);
            if (null !== $takes && $takes <= $minMinutes + self::ROUNDING && (null === $from || $from->isBefore($stage))) {
                $from = $stage;
            }
        }
        $before = null;
        foreach (null === $maxMinutes ? [] : [Stage::RecoatUntil, Stage::Touch] as $stage) {
            $takes = $this->minutes($family, $stage);
            if (null !== $takes && $maxMinutes <= $takes + self::ROUNDING) {
                $before = $stage;
            }
        }

        return new After($step, $from, $maxMinutes, $before);
    }
}
