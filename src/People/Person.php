<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use Doctrine\ORM\Mapping as ORM;

/** Somebody who works here. */
#[ORM\Entity]
#[ORM\Table(name: 'person')]
class Person
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column(length: 255)]
    private string $passwordHash = '';

    public function __construct(
        #[ORM\Column(length: 60, unique: true)]
        private string $login,
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column(length: 20)]
        private Role $role,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function name(): string
    {
        return $this->name;
    }

    public function role(): Role
    {
        return $this->role;
    }

    public function setPasswordHash(string $hash): void
    {
        $this->passwordHash = $hash;
    }
}
