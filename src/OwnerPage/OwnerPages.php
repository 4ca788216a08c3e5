<?php

declare(strict_types=1);

namespace KindHeel\App\OwnerPage;

use KindHeel\App\Air\AirHistory;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Plan\PlanTerms;
use KindHeel\Core\Assessment\Disclosure\OwnerPage;
use KindHeel\Core\Treatment\Planning\Planner;

/** What the owner of a piece is told: of each finding what its plan comes to, so that the page promises nothing that no step keeps. */
final readonly class OwnerPages
{
    public function __construct(private AirHistory $air, private PlanTerms $terms)
    {
    }

    public function of(StoredPiece $stored): OwnerPage
    {
        $piece = $stored->toCore();

        return OwnerPage::for($piece, Planner::plan($piece, $this->air->now(), $this->terms->of($stored))->expectations);
    }
}
