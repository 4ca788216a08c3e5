<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-19', 'Equal colour needs equal coats, and one dries while the other is worked.')]
final readonly class HalvesTogether implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return $step->does(Effect::Colours) && !$step->isSpot();
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        if ($piece->piece->goesOneHalfFirst || null !== $step->insteadOf) {
            return null;
        }
        $family = $step->family ?? FamilyId::Cream;
        foreach ($piece->touchedBy($step) as $part) {
            $fellow = $piece->at($part->part->at->fellow());
            if (
                null !== $fellow
                && $fellow !== $part
                && !$step->touches($fellow->part->at)
                && $fellow->part->material === $part->part->material
                && $part->coatsOf($family) > $fellow->coatsOf($family)
            ) {
                return Violation::stop($this, $step, Message::of('The %s half first: it has had a coat less.', $fellow->part->at->half->value))->at(
                    $part->part->at,
                );
            }
        }

        return null;
    }
}
