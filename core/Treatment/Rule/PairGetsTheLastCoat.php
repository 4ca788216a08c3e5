<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('J-7', 'Side by side, a half that was left out shows.')]
final readonly class PairGetsTheLastCoat implements PieceRule
{
    private const COLOURS = [FamilyId::DyeSpirit, FamilyId::DyeWater, FamilyId::Paint, FamilyId::Cream, FamilyId::EdgeDressing];

    public function concerns(Step $step): bool
    {
        return Action::HandOver === $step->action;
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        foreach ($piece->all() as $part) {
            $fellow = $piece->at($part->part->at->fellow());
            if (null === $fellow || $fellow === $part || $fellow->part->material !== $part->part->material) {
                continue;
            }
            foreach (self::COLOURS as $family) {
                if ($fellow->coatsOf($family) < $part->coatsOf($family)) {
                    return Violation::stop(
                        $this,
                        $step,
                        Message::of(
                            'The %s %s has had less %s than its fellow.',
                            $fellow->part->at->half->value,
                            $fellow->part->at->part->label(),
                            $family->label(),
                        ),
                    )->at($part->part->at, $family);
                }
            }
        }

        return null;
    }
}
