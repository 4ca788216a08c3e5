<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** Grain sanded to a velvet. */
final class Nubuck extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: 'nubuck',
            sign: Message::of('grain sanded to a velvet that can be written in'),
            properties: [Property::IsLeather, Property::HasNap, Property::IsNapped, Property::AsksForTrial],
            shows: [
                'T-1' => [0.981, 0.016, 0.003],
                'T-2' => [0.157, 0.566, 0.277],
                'T-3' => [0.984, 0.012, 0.004],
                'T-4' => [0.003, 0.003, 0.003, 0.003, 0.012, 0.97, 0.003, 0.003],
                'T-5' => [0.006, 0.651, 0.343],
                'T-6' => [0.973, 0.021, 0.003, 0.003],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.18, 'T-2' => 0.08, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 0.5, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [
                FindingKind::OldPolish, FindingKind::WaxBuildUp, FindingKind::YellowedRubber, FindingKind::Scratch, FindingKind::Gouge,
                FindingKind::Crack, FindingKind::Peeling, FindingKind::Crease, FindingKind::LiftedScales, FindingKind::StackDry,
                FindingKind::StackSplit,
            ],
            cleaners: [],
            colour: F::DyeWater,
            food: null,
            risk: Message::of('The nap of the {parts} can change its shade where it is cleaned; we clean the whole part, never a spot.'),
        );
    }
}
