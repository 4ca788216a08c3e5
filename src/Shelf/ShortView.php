<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

/** Something of the shelf that a plan has to know: it runs out, or it has been open for too long. */
final readonly class ShortView
{
    /** @param int|null $product null where there is none of it, or it is mixed from many */
    public function __construct(public ?int $product, public string $name, public string $says, public bool $runsOut)
    {
    }
}
