<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('W-8', 'The first side must be touch-dry before it is turned over.')]
final readonly class TouchDryBeforeTurning implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return $step->applicator->sprays();
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        $parts = array_map(static fn (Place $p): PartName => $p->part, $step->on);
        if (!\in_array(PartName::Back, $parts, true) || \in_array(PartName::Front, $parts, true)) {
            return null;
        }
        foreach ($step->halves() as $half) {
            $wet = $piece->at(new Place(PartName::Front, $half))?->unready(Stage::Touch, $step);
            if (null !== $wet) {
                return Violation::stop($this, $step, Message::of('The front lies down wet: turn it over when it is dry to the touch.'), Remedy::bind(
                    new After($wet->step, Stage::Touch),
                ));
            }
        }

        return null;
    }
}
