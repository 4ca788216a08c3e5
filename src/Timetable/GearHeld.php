<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use KindHeel\App\Settings\Gear;
use KindHeel\Core\Schedule\Holding;
use KindHeel\Core\Treatment\Action;

/** What a piece holds of the workshop’s trees and clamps, and between which of its steps. */
final class GearHeld
{
    /**
     * @param array<string, Action> $acts   of its steps, in their order, by key
     * @param float|null            $sizeEu that its trees would have
     *
     * @return list<Holding>
     */
    public static function by(array $acts, ?float $sizeEu): array
    {
        $holdings = [];
        $trees = array_keys($acts, Action::Tree, true);
        // Where no step takes them out, they come out as it is put together.
        $out = array_keys($acts, Action::TreeOut, true) ?: array_keys($acts, Action::PutTogether, true);
        if (null !== $sizeEu && [] !== $trees && [] !== $out) {
            $holdings[] = new Holding(Gear::treesFor($sizeEu)->value, $trees[0], $out[\count($out) - 1]);
        }
        $bond = null;
        foreach ($acts as $key => $act) {
            if (Action::Bond === $act) {
                $bond ??= $key;
            } elseif (Action::Unclamp === $act && null !== $bond) {
                $holdings[] = new Holding(Gear::Clamps->value, $bond, $key);
                $bond = null;
            }
        }

        return $holdings;
    }
}
