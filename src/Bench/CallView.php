<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Colour\FromPotView;
use KindHeel\App\Plan\StepView;
use KindHeel\Core\Schedule\Urgency;

/** Something that calls for hands now. */
final readonly class CallView
{
    public function __construct(
        public StepView $step,
        public string $pieceName,
        /** running, closing, test, open or missed */
        public Urgency $urgency,
        public ?string $closesAt,
        /** that whoever looks will take for it, from what was learned of the work and of them */
        public int $minutes,
        /** the step to do again when the window was missed */
        public ?AgainView $again,
        /** who goes on with the piece after this step, where that is somebody else, and when */
        public ?GoesToView $goesTo,
        /** what is to be known of the shelf before it: what it lays runs out, or is too old */
        public ?string $shelf,
        /** of what it lays, from the pack; null where it takes nothing that is booked */
        public ?TakesView $takes,
        /** where a pot was mixed for this coat */
        public ?FromPotView $pot,
    ) {
    }
}
