<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-6', 'Soaked leather rings, swells and loses fat; damp is enough, and natural leather is damped all over or not at all.')]
final readonly class DampNotSoaked implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->wets() && $step->applicator->spots();
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return Material::VegTan === $part->part->material
            ? Violation::stop($this, $step, Message::of('Damp the whole part or none of it: a wet spot leaves a ring.'))
            : null;
    }
}
