<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** Woven or knitted cloth. */
final class Textile extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: 'textile',
            sign: Message::of('woven or knitted; colour is in the yarn'),
            properties: [],
            shows: [
                'T-1' => [0.989, 0.008, 0.003],
                'T-2' => [0.021, 0.453, 0.526],
                'T-3' => [0.003, 0.003, 0.994],
                'T-4' => [0.003, 0.003, 0.003, 0.003, 0.003, 0.003, 0.003, 0.979],
                'T-5' => [0.005, 0.24, 0.755],
                'T-6' => [0.022, 0.005, 0.968, 0.005],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 0.2, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [
                FindingKind::OldPolish, FindingKind::WaxBuildUp, FindingKind::YellowedLeather, FindingKind::YellowedRubber,
                FindingKind::DarkHandling, FindingKind::Scuff, FindingKind::Scratch, FindingKind::Gouge, FindingKind::Crack, FindingKind::Peeling,
                FindingKind::Crease, FindingKind::LiftedScales, FindingKind::FlatNap, FindingKind::Brittle, FindingKind::RedRot,
                FindingKind::EdgeWorn, FindingKind::StackDry, FindingKind::StackSplit,
            ],
            cleaners: [1 => F::FoamCleaner],
            colour: null,
            food: null,
            risk: null,
        );
    }
}
