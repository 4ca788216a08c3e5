<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
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
        $list = [];
        foreach (ProductNeed::all($lines) as $need) {
            $list[] = new Supply(
                trim(($need->shade?->label() ?? '').' '.$need->family->label()),
                $need->amount(),
                Family::of($need->family)->unit->value,
                $need->family->does(Effect::IsMixed) ? Message::of('a fifth kept back, labelled') : '',
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
