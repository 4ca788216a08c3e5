<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

use KindHeel\Core\Text\Message;

/** How a family is laid in one step: with what, as which coat, in which colour. */
final readonly class Laying
{
    /**
     * @param string|null $colour      name of the shade; null for neutral product, or one that is still to be chosen
     * @param bool        $hasScales   some of what it is laid on is reptile
     * @param bool        $warmAirHere the school of the workshop dries films with warm air
     * @param bool        $toALine     another colour begins at its seam, and stays
     * @param Mark        $on          what a touch of paint is laid on
     * @param bool        $isFootwear  it has a toe, a welt and a topline
     * @param string      $effect      how a mottle or a shade is laid over it; empty where none was asked for
     */
    public function __construct(
        public Applicator $by,
        public Phase $phase,
        public int $coat = 1,
        public int $coats = 1,
        public ?string $colour = null,
        private bool $hasScales = false,
        private bool $warmAirHere = false,
        private bool $toALine = false,
        public Mark $on = Mark::Scrape,
        private string $effect = '',
        public bool $isFootwear = true,
    ) {
    }

    /** A touch on a mark, not a coat of the part. */
    public function isSpot(): bool
    {
        return $this->by->spots();
    }

    /** “, coat 1 of 2”, or nothing where there is one. */
    public function coatOf(): string
    {
        return $this->coats > 1 ? Message::of(', coat %d of %d', $this->coat, $this->coats) : '';
    }

    /** The colour, or how it is called while there is none. */
    public function named(string $otherwise): string
    {
        return $this->colour ?? $otherwise;
    }

    public function warmAir(): string
    {
        return $this->warmAirHere ? Message::of(' Warm air helps: moving, 20 cm off, the surface under 40 °C.') : '';
    }

    /** Where a pattern is dyed beside another colour. */
    public function alongTheLine(): string
    {
        return $this->toALine ? Message::of(
            ' Along the line a small round brush: loaded, put down in the open first, and drawn to the line as it empties.',
        ) : '';
    }

    /** What was asked for on purpose: a mottle, a shade. */
    public function onPurpose(): string
    {
        return '' === $this->effect ? '' : ' '.$this->effect;
    }

    public function alongScales(): string
    {
        return $this->hasScales ? Message::of(' Along the scales, toward the tail, never against, no circles.') : '';
    }

    /** Minutes to set up: a gun is filled, tried and rinsed after every coat. */
    public function setUp(float $minutes): float
    {
        return $this->by->sprays() ? $minutes + 4.0 : $minutes;
    }

    /** The stroke that lays a film with this tool. */
    public function filmStroke(): string
    {
        return match ($this->by) {
            Applicator::Airbrush,
            Applicator::SprayCan => Message::of('Airbrush from about 15 cm, moving before it sprays, strokes overlapping by half, thin enough to see through.'),
            Applicator::Sponge => Message::of('Sponge loaded, taken off again on a rag, dabbed and drawn out thin, no ridges.'),
            Applicator::Pad => Message::of('On the pad, the pad worked empty, then over the holes.'),
            Applicator::Brush,
            Applicator::Cloth,
            Applicator::Fingers,
            Applicator::Dauber,
            Applicator::Bud,
            Applicator::Pen,
            Applicator::None => Message::of('Flat soft brush, thin, along the part, the wet edge kept.'),
        };
    }
}
