<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Quantity\Need;
use KindHeel\Core\Quantity\RoundUp;
use KindHeel\Core\Text\Message;

/** Everything that a job needs, on one list. */
final class Kit
{
    /**
     * @param list<PlannedStep> $steps
     *
     * @return list<Supply>
     */
    public static function of(array $steps): array
    {
        return self::list(array_map(KitLine::of(...), $steps));
    }

    /**
     * Products with what stays in cup and hairs (Q-2) and, of what is mixed, a fifth kept back (Q-4); then what is not used up.
     *
     * @param list<KitLine> $lines
     *
     * @return list<Supply>
     */
    public static function list(array $lines): array
    {
        return [...self::products($lines), ...self::beside($lines), ...self::tools($lines)];
    }

    /**
     * @param list<KitLine> $lines
     *
     * @return list<Supply>
     */
    private static function products(array $lines): array
    {
        $sums = [];
        $loss = [];
        foreach ($lines as $line) {
            if (null === $line->family || null === $line->amount) {
                continue;
            }
            $key = $line->family->value.'/'.($line->shade->value ?? '');
            $sums[$key] = ($sums[$key] ?? 0.0) + $line->amount;
            if (Family::of($line->family)->drying->film || $line->family->does(Effect::Dyes)) {
                $loss[$key] = max($loss[$key] ?? 0.0, $line->applicator->potLossMl());
            }
        }
        $list = [];
        foreach ($sums as $key => $sum) {
            [$id, $shade] = explode('/', $key);
            $family = FamilyId::from($id);
            $mixed = $family->does(Effect::IsMixed);
            $need = Need::poured($sum, $loss[$key] ?? 0.0, $mixed ? Need::KEPT_BACK : 0.0);
            $list[] = new Supply(
                trim((Shade::tryFrom($shade)?->label() ?? '').' '.$family->label()),
                RoundUp::tenth($need->amount()),
                Family::of($family)->unit->value,
                $mixed ? Message::of('a fifth kept back, labelled') : '',
            );
        }

        return $list;
    }

    /**
     * @param list<KitLine> $lines
     *
     * @return list<Supply>
     */
    private static function beside(array $lines): array
    {
        $sums = [];
        foreach (array_merge([], ...array_map(static fn (KitLine $l): array => $l->supplies, $lines)) as $supply) {
            if (null !== $supply->amount) {
                $sums[$supply->name] = new Supply($supply->name, ($sums[$supply->name]->amount ?? 0.0) + $supply->amount, $supply->unit);
            } elseif (Supplies::ABRASIVE === $supply->name) {
                $sums[$supply->detail] = $supply;
            }
        }

        return array_values($sums);
    }

    /**
     * @param list<KitLine> $lines
     *
     * @return list<Supply>
     */
    private static function tools(array $lines): array
    {
        $tools = [];
        $brushes = [];
        foreach ($lines as $line) {
            $tools[$line->applicator->value] = $line->applicator;
            if (null !== $line->brush) {
                $brushes[$line->brush->value] = true;
            }
        }
        unset($tools[Applicator::None->value], $tools[Applicator::Fingers->value]);
        $list = array_map(static fn (Applicator $a): Supply => new Supply($a->label(), null, ''), array_values($tools));
        foreach (array_keys($brushes) as $family) {
            $list[] = new Supply(Message::of('polishing brush'), null, '', $family);
        }

        return $list;
    }
}
