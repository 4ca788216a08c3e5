<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-7', 'Product lodges in holes, vents, teeth and mesh, and stays.')]
final readonly class NothingIntoHoles implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->applicator->sprays();
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        $at = $part->part->at->part;

        return $part->part->has(Flag::Perforated)
            || $part->part->has(Flag::Vents)
            || \in_array($at, [PartName::PerforatedPanels, PartName::Zip, PartName::Zips], true)
            ? Violation::stop($this, $step, Message::of('Not sprayed here: put it on a pad, work the pad empty, then go over the holes.'))
            : null;
    }
}
