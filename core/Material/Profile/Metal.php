<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Text\Message;

/** Buckles, eyelets, zips. */
final class Metal extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: 'metal',
            sign: Message::of('buckles, eyelets, zips'),
            properties: [Property::IsStructure],
            shows: [
                'T-1' => [0.003, 0.003, 0.994],
                'T-2' => [0.003, 0.003, 0.994],
                'T-3' => [0.003, 0.003, 0.994],
                'T-4' => [0.003, 0.003, 0.344, 0.638, 0.003, 0.003, 0.003, 0.003],
                'T-5' => [0.016, 0.005, 0.979],
                'T-6' => [0.65, 0.344, 0.003, 0.003],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 0.2, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [
                FindingKind::Mud, FindingKind::GroundInDirt, FindingKind::BodyGrease, FindingKind::RoadSalt, FindingKind::SweatSalt,
                FindingKind::OldPolish, FindingKind::WaxBuildUp, FindingKind::Silicone, FindingKind::WrongTouchUp, FindingKind::Faded,
                FindingKind::Patchy, FindingKind::BleachedSpot, FindingKind::ColourTransfer, FindingKind::YellowedLeather,
                FindingKind::YellowedRubber, FindingKind::DarkHandling, FindingKind::Scuff, FindingKind::Peeling, FindingKind::WaterRing,
                FindingKind::LiftedScales, FindingKind::FlatNap, FindingKind::HeatMark, FindingKind::Brittle, FindingKind::RedRot,
                FindingKind::EdgeWorn, FindingKind::StackDry, FindingKind::StackSplit,
            ],
            cleaners: [],
            colour: null,
            food: null,
            risk: null,
        );
    }
}
