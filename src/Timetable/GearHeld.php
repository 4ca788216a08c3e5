<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use KindHeel\App\Settings\Gear;
use KindHeel\Core\Schedule\Holding;
use KindHeel\Core\Treatment\Action;

/** What a piece holds of the workshop’s trees, clamps and rack, and between which of its steps. */
final class GearHeld
{
    /**
     * @param array<string, Action> $acts   of its steps, in their order, by key
     * @param float|null            $sizeEu that its trees would have
     * @param bool                  $onRack whether it has a slot there from its first step to its last, and does not stand elsewhere
     *
     * @return list<Holding>
     */
    public static function by(array $acts, ?float $sizeEu, bool $onRack): array
    {
        $holdings = $onRack && [] !== $acts ? [new Holding(Gear::Rack->value, array_key_first($acts), array_key_last($acts))] : [];
        foreach (Gear::LENT as [$takes, $gives]) {
            $gear = Gear::of($takes, $sizeEu);
            $from = array_search($takes, $acts, true);
            if (null !== $gear && false !== $from) {
                $until = array_keys($acts, $gives, true) ?: array_keys($acts);
                $holdings[] = new Holding($gear->value, $from, $until[\count($until) - 1]);
            }
        }

        return $holdings;
    }
}
