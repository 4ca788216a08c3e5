<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;

/** What is known of one part of one half. */
final readonly class Part
{
    /**
     * @param list<Flag>  $flags
     * @param float|null  $areaDm2 as measured; null for the planning figure
     * @param Agreed|null $agreed  where it is to go another way than the piece
     */
    public function __construct(
        public Place $at,
        public Material $material,
        public Certainty $certainty,
        public Dryness $dryness = Dryness::Supple,
        public Shade $shade = Shade::Chestnut,
        public array $flags = [],
        public ?float $areaDm2 = null,
        public ?Agreed $agreed = null,
    ) {
    }

    /** A guess is treated as the most delicate leather that it may be. */
    public function needsTrial(): bool
    {
        return Certainty::Guess === $this->certainty || $this->material->asksForTrial();
    }

    /** The same leather in the same colour: what a trial shows on one of them holds for the other. */
    public function isSameSkin(self $other): bool
    {
        return $this->material === $other->material && $this->shade === $other->shade;
    }

    public function has(Flag $flag): bool
    {
        return \in_array($flag, $this->flags, true);
    }
}
