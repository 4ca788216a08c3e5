<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Text\Message;

/** Scales under a glaze. */
final class ReptileGlazed extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('glazed reptile'),
            sign: Message::of('scaled under a glaze; a drop beads'),
            properties: [
                Property::IsLeather, Property::HasFilm, Property::IsReptile, Property::LosesColourToSolvent, Property::AsksForTrial,
                Property::TakesMirror,
            ],
            shows: [
                'T-1' => [0.003, 0.008, 0.989],
                'T-2' => [0.003, 0.012, 0.985],
                'T-3' => [0.033, 0.005, 0.962],
                'T-4' => [0.003, 0.005, 0.003, 0.008, 0.003, 0.003, 0.972, 0.003],
                'T-5' => [0.917, 0.035, 0.048],
                'T-6' => [0.649, 0.344, 0.003, 0.004],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.12, 'T-4' => 0.01, 'T-5' => 1.0, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [FindingKind::YellowedRubber, FindingKind::FlatNap, FindingKind::StackDry, FindingKind::StackSplit],
            cleaners: [],
            colour: null,
            food: F::ConditionerLight,
            risk: Message::of('The glaze of the {parts} can dull where water or oil reaches it. Papers for a protected kind are the owner’s to show.'),
            noColour: new Remark('C-8', Message::of('dye moves on scales, and paint hides them')),
        );
    }
}
