<?php

declare(strict_types=1);

namespace KindHeel\Core\Costing;

use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Planning\Plan;

/** What a piece asks of its owner after a plan: by what was laid. */
final class CareNeeded
{
    /** @return list<string> */
    public static function after(Plan $plan): array
    {
        $laid = [];
        foreach ($plan->steps as $planned) {
            if (null !== $planned->step->family) {
                $laid[$planned->step->family->value] = $planned->step->family;
            }
        }
        $does = static fn (Effect $effect): bool => [] !== array_filter($laid, static fn (FamilyId $f): bool => $f->does($effect));

        return array_values(array_filter([
            $does(Effect::Paints) ? Message::of('The new colour is fully hard after three days; until then neither rain nor rubbing.') : null,
            $does(Effect::Paints) ? Message::of('A damp cloth is enough for it; no wax remover, no solvent.') : null,
            $does(Effect::Dyes) ? Message::of('Dye may rub off a little at first: nothing light against it for a week.') : null,
            $does(Effect::LaysFat) ? Message::of('Fed again every six to twelve months, sooner after soaking.') : null,
            isset($laid[FamilyId::Wax->value]) || isset($laid[FamilyId::Cream->value])
                ? Message::of('Polish every two to eight weeks, by how much it is worn.')
                : null,
            isset($laid[FamilyId::Repellent->value]) ? Message::of('Sprayed anew each season; it sheds a shower and does not make it tight.') : null,
            Message::of('Brushed after wearing, and wiped after wet or salt.'),
        ]));
    }
}
