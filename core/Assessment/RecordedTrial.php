<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Material\TrialResult;
use KindHeel\Core\Product\FamilyId;

/** A trial that was done: where, with what, what came of it when dry, and for which other parts it speaks too. */
final readonly class RecordedTrial
{
    /**
     * @param list<Place>   $speaksFor the place itself and those that are surely of the same stuff
     * @param FamilyId|null $product   what was tried, for a trial of a product
     * @param Lab|null      $before    colour of the hidden place before the product, and dry after it
     */
    public function __construct(
        public Place $at,
        public array $speaksFor,
        public TrialResult $result,
        public ?FamilyId $product = null,
        public ?Lab $before = null,
        public ?Lab $after = null,
    ) {
    }

    public function tells(Place $place): bool
    {
        foreach ([$this->at, ...$this->speaksFor] as $one) {
            if ($one->is($place)) {
                return true;
            }
        }

        return false;
    }
}
