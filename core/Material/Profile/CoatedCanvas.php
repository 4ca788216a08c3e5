<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Text\Message;

/** Cloth under a printed film. */
final class CoatedCanvas extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('coated canvas'),
            sign: Message::of('cloth under a printed film; the cut edge shows threads'),
            properties: [Property::HasFilm, Property::LosesColourToSolvent, Property::MustStayBare],
            shows: [
                'T-1' => [0.003, 0.003, 0.994],
                'T-2' => [0.003, 0.003, 0.994],
                'T-3' => [0.004, 0.003, 0.993],
                'T-4' => [0.003, 0.743, 0.015, 0.003, 0.003, 0.003, 0.003, 0.227],
                'T-5' => [0.807, 0.14, 0.053],
                'T-6' => [0.003, 0.004, 0.99, 0.003],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 1.0, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [
                FindingKind::BodyGrease, FindingKind::SweatSalt, FindingKind::OldPolish, FindingKind::WaxBuildUp, FindingKind::YellowedLeather,
                FindingKind::YellowedRubber, FindingKind::DarkHandling, FindingKind::WaterRing, FindingKind::LiftedScales, FindingKind::FlatNap,
                FindingKind::Brittle, FindingKind::RedRot, FindingKind::EdgeWorn, FindingKind::StackDry, FindingKind::StackSplit,
            ],
            cleaners: [1 => F::CleanerNeutral],
            colour: null,
            food: null,
            risk: Message::of('The print of the {parts} is a thin film on cloth; what has rubbed through stays so.'),
            noColour: new Remark('C-3', Message::of('the print is a thin film that paint would bury')),
        );
    }
}
