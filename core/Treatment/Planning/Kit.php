<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Applicator;
use KindHeel\Core\Treatment\Family;
use KindHeel\Core\Treatment\FamilyId;

/** Everything that a job needs, on one list. */
final class Kit
{
    /**
     * Products with what stays in cup and hairs (Q-2) and, of what is mixed, a fifth kept back (Q-4); then what is not used up.
     *
     * @param list<PlannedStep> $steps
     *
     * @return list<Supply>
     */
    public static function of(array $steps): array
    {
        return [...self::products($steps), ...self::beside($steps), ...self::tools($steps)];
    }

    /**
     * @param list<PlannedStep> $steps
     *
     * @return list<Supply>
     */
    private static function products(array $steps): array
    {
        $sums = [];
        $loss = [];
        foreach ($steps as $planned) {
            $family = $planned->step->family;
            if (null === $family || null === $planned->amount) {
                continue;
            }
            $key = $family->value.'/'.($planned->shade->value ?? '');
            $sums[$key] = ($sums[$key] ?? 0.0) + $planned->amount->quantity;
            if (Family::of($family)->drying->film || $family->isDye()) {
                $loss[$key] = max($loss[$key] ?? 0.0, $planned->step->applicator->potLossMl());
            }
        }
        $list = [];
        foreach ($sums as $key => $sum) {
            [$id, $shade] = explode('/', $key);
            $family = FamilyId::from($id);
            $mixed = $family->isDye() || FamilyId::Paint === $family;
            $need = ($sum + ($loss[$key] ?? 0.0)) * ($mixed ? 1.2 : 1.0);
            $list[] = new Supply(trim($shade.' '.$family->label()), ceil(round($need * 10.0, 6)) / 10.0, Family::of($family)->unit->value, $mixed ? 'a fifth kept back, labelled' : '');
        }

        return $list;
    }

    /**
     * @param list<PlannedStep> $steps
     *
     * @return list<Supply>
     */
    private static function beside(array $steps): array
    {
        $sums = [];
        foreach ($steps as $planned) {
            foreach ($planned->supplies as $supply) {
                if (null !== $supply->amount) {
                    $sums[$supply->name] = new Supply($supply->name, ($sums[$supply->name]->amount ?? 0.0) + $supply->amount, $supply->unit);
                } elseif (Action::Sand === $planned->step->action) {
                    $sums[$supply->detail] = new Supply('abrasive', null, '', implode(' → ', Supplies::grits($planned->step)));
                }
            }
        }

        return array_values($sums);
    }

    /**
     * @param list<PlannedStep> $steps
     *
     * @return list<Supply>
     */
    private static function tools(array $steps): array
    {
        $tools = [];
        $brushes = [];
        foreach ($steps as $planned) {
            $tools[$planned->step->applicator->value] = $planned->step->applicator;
            if (Action::Buff === $planned->step->action) {
                $brushes[$planned->brush->value] = true;
            }
        }
        unset($tools[Applicator::None->value]);
        $list = array_map(static fn (Applicator $a): Supply => new Supply($a->label(), null, ''), array_values($tools));
        foreach (array_keys($brushes) as $family) {
            $list[] = new Supply('polishing brush', null, '', $family);
        }

        return $list;
    }
}
