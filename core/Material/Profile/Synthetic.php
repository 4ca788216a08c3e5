<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** A film on cloth. */
final class Synthetic extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: 'synthetic',
            sign: Message::of('a film on cloth; the cut edge shows threads'),
            properties: [Property::HasFilm],
            shows: [
                'T-1' => [0.003, 0.003, 0.994],
                'T-2' => [0.003, 0.003, 0.994],
                'T-3' => [0.008, 0.004, 0.988],
                'T-4' => [0.003, 0.199, 0.783, 0.003, 0.003, 0.003, 0.003, 0.003],
                'T-5' => [0.129, 0.005, 0.866],
                'T-6' => [0.003, 0.008, 0.986, 0.003],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 0.2, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [
                FindingKind::BodyGrease, FindingKind::SweatSalt, FindingKind::OldPolish, FindingKind::WaxBuildUp, FindingKind::YellowedLeather,
                FindingKind::DarkHandling, FindingKind::WaterRing, FindingKind::LiftedScales, FindingKind::FlatNap, FindingKind::Brittle,
                FindingKind::RedRot, FindingKind::EdgeWorn, FindingKind::StackDry, FindingKind::StackSplit,
            ],
            cleaners: [1 => F::FoamCleaner],
            colour: F::Paint,
            food: null,
            risk: null,
        );
    }
}
