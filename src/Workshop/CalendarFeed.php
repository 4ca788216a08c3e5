<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;

/** A secret address under which somebody's calendar can be read, until it is revoked. Only a fingerprint of the secret is kept. */
#[ORM\Entity]
#[ORM\Table(name: 'calendar_feed')]
class CalendarFeed
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $revokedAt = null;

    public function __construct(
        #[ORM\Column(length: 64, unique: true)]
        private string $secretHash,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Person $person,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $madeAt,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }
}
