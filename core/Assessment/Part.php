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
     * @param list<Wish>  $wishes
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
        public array $wishes = [],
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

    /**
     * The same part, otherwise in what is given.
     *
     * @param list<Flag>|null $flags
     * @param list<Wish>|null $wishes
     */
    public function but(
        ?Material $material = null,
        ?Certainty $certainty = null,
        ?Dryness $dryness = null,
        ?Shade $shade = null,
        ?array $flags = null,
        ?float $areaDm2 = null,
        ?array $wishes = null,
    ): self {
        return new self(
            $this->at,
            $material ?? $this->material,
            $certainty ?? $this->certainty,
            $dryness ?? $this->dryness,
            $shade ?? $this->shade,
            $flags ?? $this->flags,
            $areaDm2 ?? $this->areaDm2,
            $this->agreed,
            $wishes ?? $this->wishes,
        );
    }

    /** The same part, going its own way, or that of the piece. */
    public function going(?Agreed $own): self
    {
        return new self($this->at, $this->material, $this->certainty, $this->dryness, $this->shade, $this->flags, $this->areaDm2, $own, $this->wishes);
    }

    /** The same part, planned with the usual area. */
    public function unmeasured(): self
    {
        return new self($this->at, $this->material, $this->certainty, $this->dryness, $this->shade, $this->flags, null, $this->agreed, $this->wishes);
    }

    public function wants(Wish $wish): bool
    {
        return \in_array($wish, $this->wishes, true);
    }

    public function has(Flag $flag): bool
    {
        return \in_array($flag, $this->flags, true);
    }
}
