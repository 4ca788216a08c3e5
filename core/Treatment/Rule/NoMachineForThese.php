<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-10', 'Water and tumbling take glue, lining, shank and shape apart.')]
final readonly class NoMachineForThese implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return FamilyId::Wash === $step->family;
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        $why = match (true) {
            PieceFamily::Garment === $piece->piece->kind->family() => Message::of('a garment is'),
            $piece->isFlagged(Flag::LeatherLined) => Message::of('what is lined with leather is'),
            $piece->isFlagged(Flag::MetalShank) => Message::of('what has a metal shank is'),
            $piece->isFlagged(Flag::GluedSole) => Message::of('a glued sole is'),
            default => null,
        };
        foreach (null === $why ? $piece->all() : [] as $part) {
            $why ??= match (true) {
                Material::VegTan === $part->part->material, $part->part->material->isReptile() => $part->part->material->label().Message::of(' is'),
                $part->hasFinding(FindingKind::SoleParting) => Message::of('a parting sole is'),
                default => null,
            };
        }

        return null === $why ? null : Violation::stop($this, $step, Message::of('Not in the wash: %s never washed.', $why));
    }
}
