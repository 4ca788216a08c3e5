<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

/** A piece that came with its history. */
final readonly class PieceTakenView
{
    /**
     * @param int $passport which piece
     * @param int $visits   that were not known yet
     */
    public function __construct(public int $passport, public int $visits)
    {
    }
}
