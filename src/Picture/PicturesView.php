<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

/** The pictures of a piece, and which of the *before* set are still to be taken. */
final readonly class PicturesView
{
    /**
     * @param list<PictureView>        $pictures
     * @param list<MissingPictureView> $missing
     */
    public function __construct(public int $piece, public array $pictures, public array $missing)
    {
    }
}
