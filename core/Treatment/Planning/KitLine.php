<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Action;

/** What one step takes from the shelf. */
final readonly class KitLine
{
    /**
     * @param float|null        $amount   of the family, in its unit
     * @param ColourFamily|null $brush    the polishing brush, where one is used
     * @param list<Supply>      $supplies
     */
    public function __construct(
        public ?FamilyId $family,
        public ?Shade $shade,
        public ?float $amount,
        public Applicator $applicator,
        public ?ColourFamily $brush,
        public array $supplies,
    ) {
    }

    public static function of(PlannedStep $planned): self
    {
        return new self(
            $planned->step->family,
            $planned->shade,
            $planned->amount?->quantity,
            $planned->step->applicator,
            Action::Buff === $planned->step->action ? $planned->brush : null,
            $planned->supplies,
        );
    }
}
