<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use Doctrine\ORM\Mapping as ORM;

/** Somebody signed in somewhere, until they sign out, are signed out from elsewhere, or too long a time has passed ({@see SignIns}). Real times, in UTC. */
#[ORM\Entity]
#[ORM\Table(name: 'sign_in')]
#[ORM\Index(columns: ['person_id', 'ended_at'])]
#[ORM\Index(columns: ['seen_at'])]
class SignIn
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $endedAt = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Person $person,
        /** the browser and the machine, as far as they say so */
        #[ORM\Column(length: 60)]
        private string $device,
        #[ORM\Column]
        private \DateTimeImmutable $beganAt,
        #[ORM\Column]
        private \DateTimeImmutable $seenAt,
        /** when the password was given; never, where a short number took over */
        #[ORM\Column(nullable: true)]
        private ?\DateTimeImmutable $sureAt,
    ) {
    }
}
