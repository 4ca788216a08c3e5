<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Product\FamilyId;

/** A step that has just laid what darkens, whose way back nobody watches yet. */
final readonly class MayDarkenView
{
    /** @param list<PotPartView> $places that were read before */
    public function __construct(public int $step, public string $title, public FamilyId $family, public string $laidAt, public array $places)
    {
    }
}
