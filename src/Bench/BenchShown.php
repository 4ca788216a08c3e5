<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\ORM\Mapping as ORM;

/** The bench as it was last shown to somebody: shown again for a moment while nothing has changed. */
#[ORM\Entity]
#[ORM\Table(name: 'bench_shown')]
class BenchShown
{
    public function __construct(
        #[ORM\Id, ORM\Column]
        private int $personId,
        /** the count of changes that it shows */
        #[ORM\Column]
        private int $asked,
        /** in milliseconds since 1970 */
        #[ORM\Column(type: 'bigint')]
        private int $until,
        #[ORM\Column(type: 'text', length: 4_000_000)]
        private string $body,
    ) {
    }
}
