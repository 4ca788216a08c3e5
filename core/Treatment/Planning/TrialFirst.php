<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\FamilyId;

/** A trial to be made before a product is laid in sight. Where it is compulsory the steps that depend on it wait for it. */
final readonly class TrialFirst
{
    public function __construct(public Place $at, public Trial $trial, public ?FamilyId $family, public bool $compulsory)
    {
    }
}
