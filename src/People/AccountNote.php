<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use Doctrine\ORM\Mapping as ORM;

/** How somebody signs in has changed; they are told until they have said that it was them. Real times, in UTC. */
#[ORM\Entity]
#[ORM\Table(name: 'account_note')]
#[ORM\Index(columns: ['person_id', 'seen_at'])]
class AccountNote
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $seenAt = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Person $person,
        #[ORM\Column(length: 20)]
        private AccountChange $what,
        /** the browser and the machine by which it was done */
        #[ORM\Column(length: 60)]
        private string $device,
        #[ORM\Column]
        private \DateTimeImmutable $at,
    ) {
    }
}
