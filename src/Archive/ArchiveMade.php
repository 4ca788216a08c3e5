<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;

/** An archive of everything that somebody has asked for on a page, made in the background and kept for a while. By real time, in UTC. */
#[ORM\Entity]
#[ORM\Table(name: 'archive_made')]
class ArchiveMade
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    /** lines or pictures; nothing before it is begun */
    #[ORM\Column(length: 20)]
    private string $what = '';

    #[ORM\Column]
    private int $done = 0;

    #[ORM\Column]
    private int $total = 0;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $endedAt = null;

    /** why it could not be made; null when it could, or is not yet */
    #[ORM\Column(length: 500, nullable: true)]
    private ?string $failure = null;

    #[ORM\Column(type: 'bigint')]
    private int $bytes = 0;

    public function __construct(
        #[ORM\Column]
        private \DateTimeImmutable $askedAt,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }
}
