<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Product\DryFilm;

/** Coat by coat of one pot over a ground, with or without a base under it. */
final readonly class CoatLadder
{
    /**
     * @param int|null       $coats of colour; null when no number up to the limit covers
     * @param float          $dryUm all film laid, base included
     * @param list<CoatStep> $steps one a coat of colour
     */
    public function __construct(public int $baseCoats, public ?int $coats, public float $dryUm, public array $steps)
    {
    }

    public function all(): ?int
    {
        return null === $this->coats ? null : $this->baseCoats + $this->coats;
    }

    /** The film would crack where the part bends (J-4). */
    public function cracks(bool $flexes): bool
    {
        return $flexes && $this->dryUm > DryFilm::CRACKS_FROM_UM;
    }
}
