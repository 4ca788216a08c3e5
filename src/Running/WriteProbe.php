<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Doctrine\ORM\Mapping as ORM;

/** The one row that {@see Health} writes to see whether the database takes what is written. */
#[ORM\Entity]
#[ORM\Table(name: 'write_probe')]
class WriteProbe
{
    public const ID = 1;

    public function __construct(
        #[ORM\Id, ORM\Column]
        private int $id,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
    ) {
    }
}
