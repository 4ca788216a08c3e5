<?php

declare(strict_types=1);

namespace KindHeel\Core\Stock;

use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;

/** What is left in a pack, from what it weighs. */
final class Weighing
{
    /**
     * Gross less the empty pack, by density where the product is measured in millilitres.
     *
     * @param float $grossG        pack and all
     * @param float $emptyG        the pack alone
     * @param float $densityGPerMl above 0
     *
     * @throws FieldError where it weighs less than its pack, or is not told by weight
     */
    public static function left(float $grossG, float $emptyG, float $densityGPerMl, Unit $unit): float
    {
        if ($grossG < $emptyG) {
            throw new FieldError('gross', Message::of('It cannot weigh less than its empty pack.'));
        }

        return match ($unit) {
            Unit::Gram => $grossG - $emptyG,
            Unit::Millilitre => ($grossG - $emptyG) / $densityGPerMl,
            Unit::Metre, Unit::Piece => throw new FieldError('gross', Message::of('This is counted, not weighed.')),
        };
    }
}
