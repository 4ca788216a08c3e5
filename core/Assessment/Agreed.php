<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Shade;

/** How far to go with a piece or with one part of it: aim, shine, what becomes of the signs of age, and the colour that a recolour is to bring. */
final readonly class Agreed
{
    /**
     * @param Shade|null $newShade  of a recolour; null where it is chosen with the pot
     * @param Lab|null   $newColour itself, where it is known closer than by the usual shade that is nearest
     */
    public function __construct(
        public Aim $aim,
        public Gloss $gloss = Gloss::Satin,
        public Patina $patina = Patina::Keep,
        public ?Shade $newShade = null,
        public ?Lab $newColour = null,
    ) {
    }

    /** The same, with the colour itself that was wanted before, as long as it is still that shade. */
    public function keeping(?self $before): self
    {
        return Aim::Recolour === $this->aim && null === $this->newColour && null !== $before?->newColour && $before->newShade === $this->newShade
            ? new self($this->aim, $this->gloss, $this->patina, $this->newShade, $before->newColour)
            : $this;
    }

    /** The colour that a part of this shade is to have, as one word that is the same for all parts that get the same colour. */
    public function colourOf(Shade $now): string
    {
        return match (true) {
            Aim::Recolour !== $this->aim => $now->value,
            null !== $this->newColour => \sprintf('%.1f/%.1f/%.1f', $this->newColour->lightness, $this->newColour->a, $this->newColour->b),
            default => $this->newShade->value ?? '',
        };
    }
}
