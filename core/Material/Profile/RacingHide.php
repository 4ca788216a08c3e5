<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Text\Message;

/** Hide coated against abrasion. */
final class RacingHide extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('treated racing hide'),
            sign: Message::of('coated against abrasion; a drop beads, a cured film that alcohol leaves alone'),
            properties: [Property::IsLeather, Property::HasFilm],
            shows: [
                'T-1' => [0.003, 0.003, 0.994],
                'T-2' => [0.003, 0.003, 0.994],
                'T-3' => [0.004, 0.003, 0.993],
                'T-4' => [0.133, 0.003, 0.849, 0.003, 0.003, 0.003, 0.003, 0.003],
                'T-5' => [0.008, 0.003, 0.989],
                'T-6' => [0.018, 0.945, 0.034, 0.003],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 0.2, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [FindingKind::YellowedRubber, FindingKind::LiftedScales, FindingKind::FlatNap, FindingKind::StackDry, FindingKind::StackSplit],
            cleaners: [1 => F::CleanerNeutral],
            colour: null,
            food: null,
            risk: null,
            noColour: new Remark('H-7', Message::of('its coat is what protects the rider')),
        );
    }
}
