<?php

declare(strict_types=1);

namespace KindHeel\Core\Material\Profile;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Profile;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Text\Message;

/** Undyed strip between upper and sole. */
final class BareWelt extends Profile
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('bare welt'),
            sign: Message::of('undyed strip with its stitching; any colour stays for good'),
            properties: [Property::IsLeather, Property::IsStructure, Property::MustStayBare],
            shows: [
                'T-1' => [0.976, 0.021, 0.003],
                'T-2' => [0.003, 0.012, 0.985],
                'T-3' => [0.666, 0.021, 0.313],
                'T-4' => [0.926, 0.05, 0.004, 0.004, 0.004, 0.004, 0.004, 0.004],
                'T-5' => [0.008, 0.027, 0.965],
                'T-6' => [0.017, 0.008, 0.003, 0.972],
                'T-10' => [0.008, 0.992],
            ],
            harms: [
                'T-1' => 0.03, 'T-2' => 0.03, 'T-3' => 0.05, 'T-4' => 0.01, 'T-5' => 0.2, 'T-6' => 0.01, 'T-7' => 0.2, 'T-8' => 0.2,
                'T-9' => 0.2, 'T-10' => 0.01,
            ],
            unusual: [FindingKind::YellowedRubber, FindingKind::LiftedScales, FindingKind::FlatNap, FindingKind::StackDry, FindingKind::StackSplit],
            cleaners: [],
            colour: null,
            food: null,
            risk: null,
        );
    }
}
