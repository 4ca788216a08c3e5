<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Text\Message;

/** Leather under a thick gloss. */
final class Patent extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: 'patent',
            sign: Message::of('a thick glossy film; a drop beads'),
            properties: [Property::IsLeather, Property::HasFilm, Property::LosesColourToSolvent, Property::TakesMirror],
            shows: [
                'T-1' => [0.003, 0.003, 0.994],
                'T-2' => [0.003, 0.003, 0.994],
                'T-3' => [0.004, 0.003, 0.993],
                'T-4' => [0.003, 0.003, 0.012, 0.97, 0.003, 0.003, 0.003, 0.003],
                'T-5' => [0.889, 0.009, 0.102],
                'T-6' => [0.012, 0.98, 0.005, 0.003],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.12, 'T-4' => 0.01, 'T-5' => 1.0, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [FindingKind::YellowedRubber, FindingKind::LiftedScales, FindingKind::FlatNap, FindingKind::StackDry, FindingKind::StackSplit],
            cleaners: [1 => F::CleanerNeutral],
            colour: null,
            food: null,
            risk: Message::of('What has gone into the gloss of the {parts}, a print or a foreign colour, does not come out again.'),
            noColour: new Remark('C-16', Message::of('nothing bites into the gloss')),
        );
    }
}
