<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Family;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-2', 'Alcohol and solvents lift stain, polish and glaze and leave pale spots.')]
final readonly class NoSolventOnDelicate implements PartRule
{
    public function judge(PartState $part, Step $step): ?Violation
    {
        return null !== $step->family && Family::of($step->family)->dissolvesFinish() && $part->part->material->losesColourToSolvent()
            ? Violation::stop($this, $step, \sprintf('No %s here: the part is %s.', $step->family->label(), $part->part->material->label()))
            : null;
    }
}
