<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/** Whoever is signed in: what every request needs to know of a {@see Person}, without the entity. */
final readonly class Member implements UserInterface, PasswordAuthenticatedUserInterface
{
    public function __construct(public int $id, public string $login, public string $name, public Role $role, private string $passwordHash)
    {
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

    /**
     * A session keeps a fingerprint of the password's hash (Symfony compares crc32c), never the hash itself.
     *
     * @return array<string, mixed>
     */
    public function __serialize(): array
    {
        return [
            'id' => $this->id,
            'login' => $this->login,
            'name' => $this->name,
            'role' => $this->role,
            'passwordHash' => hash('crc32c', $this->passwordHash),
        ];
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
