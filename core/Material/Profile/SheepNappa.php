<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** Soft, thin sheep. */
final class SheepNappa extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('sheep nappa'),
            sign: Message::of('soft and thin; stretches when wet, colour may bleed'),
            properties: [Property::IsLeather],
            shows: [
                'T-1' => [0.027, 0.965, 0.008],
                'T-2' => [0.012, 0.966, 0.022],
                'T-3' => [0.375, 0.01, 0.615],
                'T-4' => [0.914, 0.003, 0.068, 0.003, 0.003, 0.003, 0.003, 0.003],
                'T-5' => [0.453, 0.526, 0.021],
                'T-6' => [0.949, 0.045, 0.003, 0.003],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.1, 'T-2' => 0.03, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 0.5, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [FindingKind::YellowedRubber, FindingKind::LiftedScales, FindingKind::FlatNap, FindingKind::StackDry, FindingKind::StackSplit],
            cleaners: [1 => F::CleanerCream, 3 => F::CleanerNeutral],
            creamFor: [FindingKind::OldPolish, FindingKind::WaxBuildUp],
            colour: F::Paint,
            food: F::Conditioner,
            risk: Message::of('The {parts} {is|are} thin: {it stretches|they stretch} when wet, and the colour may bleed.'),
        );
    }
}
