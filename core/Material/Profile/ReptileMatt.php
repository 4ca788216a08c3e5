<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Text\Message;

/** Scales, dyed and open. */
final class ReptileMatt extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('matt reptile'),
            sign: Message::of('scaled and dyed, mostly unfinished; a nail lifts a scale'),
            properties: [Property::IsLeather, Property::IsReptile, Property::AsksForTrial],
            shows: [
                'T-1' => [0.033, 0.962, 0.005],
                'T-2' => [0.01, 0.474, 0.516],
                'T-3' => [0.779, 0.005, 0.216],
                'T-4' => [0.003, 0.004, 0.003, 0.003, 0.003, 0.003, 0.978, 0.003],
                'T-5' => [0.02, 0.792, 0.188],
                'T-6' => [0.8, 0.193, 0.003, 0.004],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.35, 'T-2' => 0.12, 'T-3' => 0.32, 'T-4' => 0.01, 'T-5' => 0.5, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [FindingKind::YellowedRubber, FindingKind::FlatNap, FindingKind::StackDry, FindingKind::StackSplit],
            cleaners: [],
            colour: null,
            food: F::ConditionerLight,
            risk: Message::of('The scales of the {parts} can lift and darken with any moisture. Papers for a protected kind are the owner’s to show.'),
            noColour: new Remark('C-8', Message::of('dye moves on scales, and paint hides them')),
        );
    }
}
