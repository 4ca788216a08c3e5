<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use Doctrine\ORM\Mapping as ORM;

/** A backup that was made, or was not. By real time, in UTC. */
#[ORM\Entity]
#[ORM\Table(name: 'backup_made')]
#[ORM\Index(columns: ['at'])]
class BackupMade
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $rehearsedAt = null;

    public function __construct(
        #[ORM\Column]
        private \DateTimeImmutable $at,
        /** name of the file in the folder of backups */
        #[ORM\Column(length: 120)]
        private string $file,
        #[ORM\Column(type: 'bigint')]
        private int $bytes,
        /** why it could not be made; null when it is good */
        #[ORM\Column(length: 500, nullable: true)]
        private ?string $failure,
    ) {
    }
}
