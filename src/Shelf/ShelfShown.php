<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Doctrine\ORM\Mapping as ORM;

/** The shelf as it was last read, with the mark of what it was read from: shown again while that is the same. */
#[ORM\Entity]
#[ORM\Table(name: 'shelf_shown')]
class ShelfShown
{
    public function __construct(
        #[ORM\Id, ORM\Column]
        private int $id,
        #[ORM\Column(length: 64)]
        private string $mark,
        #[ORM\Column(type: 'text', length: 4_000_000)]
        private string $body,
    ) {
    }
}
