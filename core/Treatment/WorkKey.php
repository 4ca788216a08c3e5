<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;

/** What is learned about: the product and what lays it, such as “paint/airbrush”; an act without a product goes by its name. */
final class WorkKey
{
    public static function of(Action $action, ?FamilyId $family, Applicator $applicator): string
    {
        return null === $family ? $action->value : self::drying($family, $applicator);
    }

    public static function drying(FamilyId $family, Applicator $applicator): string
    {
        return $family->value.'/'.$applicator->value;
    }

    /** As it is said: “leather paint, airbrush”, “brush to a shine”. */
    public static function label(string $key): string
    {
        $parts = explode('/', $key, 2);
        $tool = $parts[1] ?? null;
        if (null === $tool) {
            return Action::tryFrom($key)?->label() ?? $key;
        }
        $applicator = Applicator::tryFrom($tool);

        return (FamilyId::tryFrom($parts[0])?->label() ?? $parts[0]).(Applicator::None === $applicator ? '' : ', '.($applicator?->label() ?? $tool));
    }
}
