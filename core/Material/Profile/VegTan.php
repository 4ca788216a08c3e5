<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** Natural leather, undyed and unfinished. */
final class VegTan extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('natural veg-tan'),
            sign: Message::of('undyed and unfinished; a drop darkens at once, the first stain stays'),
            properties: [Property::IsLeather, Property::AsksForTrial, Property::TakesMirror, Property::TakesOil],
            shows: [
                'T-1' => [0.993, 0.004, 0.003],
                'T-2' => [0.003, 0.004, 0.993],
                'T-3' => [0.992, 0.004, 0.004],
                'T-4' => [0.979, 0.003, 0.003, 0.003, 0.003, 0.003, 0.003, 0.003],
                'T-5' => [0.004, 0.008, 0.988],
                'T-6' => [0.012, 0.005, 0.003, 0.98],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.35, 'T-2' => 0.03, 'T-3' => 0.32, 'T-4' => 0.01, 'T-5' => 0.5, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [
                FindingKind::YellowedRubber, FindingKind::Peeling, FindingKind::LiftedScales, FindingKind::FlatNap, FindingKind::StackDry,
                FindingKind::StackSplit,
            ],
            cleaners: [1 => F::CleanerNeutral, 3 => F::Soap],
            colour: F::DyeSpirit,
            food: F::Conditioner,
            risk: Message::of('The {parts} {is|are} natural leather: {it darkens|they darken} as a whole and for good, and every drop can leave a ring.'),
        );
    }
}
