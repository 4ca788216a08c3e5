<?php

declare(strict_types=1);

namespace KindHeel\App\Settings;

use Doctrine\ORM\Mapping as ORM;

/** One thing that this workshop has set for itself. */
#[ORM\Entity]
#[ORM\Table(name: 'workshop_setting')]
class WorkshopSetting
{
    /** @param array<array-key, mixed> $value */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 40)]
        private string $name,
        #[ORM\Column(type: 'json')]
        private array $value,
    ) {
    }
}
