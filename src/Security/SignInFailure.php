<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Doctrine\ORM\Mapping as ORM;

/** A sign-in that failed, by hashed name and address; nothing typed is kept. */
#[ORM\Entity]
#[ORM\Table(name: 'sign_in_failure')]
#[ORM\Index(columns: ['who', 'at'])]
#[ORM\Index(columns: ['address', 'at'])]
class SignInFailure
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    public function __construct(
        #[ORM\Column(length: 64)]
        private string $who,
        #[ORM\Column(length: 64)]
        private string $address,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
    ) {
    }
}
