<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Product\Applicator;

/** A coat of a plan that is laid from a mixed pot. */
final readonly class PotCoat
{
    /**
     * @param list<Place> $places of the pot on which it lies
     * @param float       $ml     of it on those places, with what the tool does not pass on
     */
    public function __construct(
        public int $step,
        public string $title,
        public bool $done,
        public array $places,
        public float $ml,
        public Applicator $applicator,
    ) {
    }
}
