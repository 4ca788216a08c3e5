<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/** Whoever is signed in: what every request needs to know of a {@see Person}, without the entity. */
final readonly class Member implements UserInterface, PasswordAuthenticatedUserInterface
{
    public function __construct(
        public int $id,
        public string $login,
        public string $name,
        public Role $role,
        private string $passwordHash,
        /** came in by a word that an owner gave them: before all else they set a password of their own */
        public bool $oneTime = false,
        /** of which of their sign-ins this is */
        public int $signIn = 0,
        /** the password was given a short while ago, so what matters most may be done */
        public bool $sure = false,
    ) {
    }

    public function signedIn(int $signIn): self
    {
        return new self($this->id, $this->login, $this->name, $this->role, $this->passwordHash, $this->oneTime, $signIn, $this->sure);
    }

    public function getPassword(): string
    {
        return $this->passwordHash;
    }

    /** @return list<string> */
    public function getRoles(): array
    {
        return [$this->oneTime ? 'ROLE_ONE_TIME' : $this->role->securityRole()];
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
            'oneTime' => $this->oneTime,
            'signIn' => $this->signIn,
            'sure' => $this->sure,
        ];
    }

    /** @param array{id: int, login: string, name: string, role: Role, passwordHash: string, oneTime?: bool, signIn?: int, sure?: bool} $data */
    public function __unserialize(array $data): void
    {
        $this->id = $data['id'];
        $this->login = $data['login'];
        $this->name = $data['name'];
        $this->role = $data['role'];
        $this->passwordHash = $data['passwordHash'];
        $this->oneTime = $data['oneTime'] ?? false;
        // A session from before sign-ins were counted is none.
        $this->signIn = $data['signIn'] ?? 0;
        $this->sure = $data['sure'] ?? false;
    }
}
