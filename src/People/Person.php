<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/** Somebody who works here. */
#[ORM\Entity]
#[ORM\Table(name: 'person')]
class Person implements UserInterface, PasswordAuthenticatedUserInterface
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

    public function getPassword(): string
    {
        return $this->passwordHash;
    }

    /** @return list<string> */
    public function getRoles(): array
    {
        return [$this->role->securityRole()];
    }

    public function getUserIdentifier(): string
    {
        \assert('' !== $this->login);

        return $this->login;
    }

    public function eraseCredentials(): void
    {
    }

    /** A session keeps a fingerprint of the password's hash (Symfony compares crc32c), never the hash itself. @return array<string, mixed> */
    public function __serialize(): array
    {
        return ['id' => $this->id, 'login' => $this->login, 'name' => $this->name, 'role' => $this->role, 'passwordHash' => hash('crc32c', $this->passwordHash)];
    }

    /** @param array{id: int, login: string, name: string, role: Role, passwordHash: string} $data */
    public function __unserialize(array $data): void
    {
        $this->id = $data['id'];
        $this->login = $data['login'];
        $this->name = $data['name'];
        $this->role = $data['role'];
        $this->passwordHash = $data['passwordHash'];
    }
}
