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

#[Rule('C-16', 'The gloss is a closed film: polish smears on it and fat does not reach the leather.')]
final readonly class PatentTakesItsOwn implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysFat() || FamilyId::Repellent === $step->family;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return Material::Patent === $part->part->material
            ? Violation::stop($this, $step, Message::of('No %s on patent: wipe it, dry it, protect it from rubbing.', $step->family?->label() ?? 'fat'))
            : null;
    }
}
