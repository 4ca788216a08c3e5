<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-4', 'Fat mats the nap and darkens it for good.')]
final readonly class NoFatOnNap implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysFat();
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        $material = $part->part->material;

        return $material->hasNap() || Material::RoughOut === $material && FamilyId::Cream !== $step->family
            ? Violation::stop($this, $step, Message::of('No %s on %s.', $step->family?->label() ?? 'fat', $material->label()))
            : null;
    }
}
