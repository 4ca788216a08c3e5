<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\FamilyId as F;
use KindHeel\Core\Text\Message;

/** Split under a printed film. */
final class Embossed extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('embossed or coated split'),
            sign: Message::of('a printed or cross-hatched film on split; a drop beads'),
            properties: [Property::IsLeather, Property::HasFilm, Property::TakesCream],
            shows: [
                'T-1' => [0.003, 0.004, 0.993],
                'T-2' => [0.003, 0.008, 0.989],
                'T-3' => [0.008, 0.004, 0.988],
                'T-4' => [0.003, 0.978, 0.004, 0.003, 0.003, 0.003, 0.003, 0.003],
                'T-5' => [0.896, 0.018, 0.086],
                'T-6' => [0.012, 0.98, 0.005, 0.003],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 0.2, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [FindingKind::YellowedRubber, FindingKind::LiftedScales, FindingKind::FlatNap, FindingKind::StackDry, FindingKind::StackSplit],
            cleaners: [1 => F::CleanerCream, 3 => F::CleanerNeutral, 4 => F::FoamCleaner],
            creamFor: [FindingKind::OldPolish],
            colour: F::Paint,
            food: F::Conditioner,
            risk: null,
        );
    }
}
