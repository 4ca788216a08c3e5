<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use Doctrine\ORM\Mapping as ORM;

/** Somebody who works here, or did. */
#[ORM\Entity]
#[ORM\Table(name: 'person')]
class Person
{
    public const NAME = '/^(?=.*\S)[^\p{C}]{1,80}$/Du';
    public const NAME_SAID = 'A name has 1 to 80 letters.';
    public const LOGIN = '/^[\p{L}\p{N}._-]{2,40}$/Du';
    public const LOGIN_SAID = 'Write 2 to 40 letters, digits, dots or dashes, without a space.';

    /** So begins the login of somebody who is known by name alone, as they worked on a piece in another workshop: nobody signs in by it. */
    public const ELSEWHERE = 'elsewhere-';

    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 255)]
    private string $passwordHash = '';

    /** until when the password is a word that an owner has given, good for nothing but setting one of their own */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $oneTimeUntil = null;

    /** of the short number with which they take over a shared tablet */
    #[ORM\Column(length: 255, nullable: true)]
    private ?string $pinHash = null;

    /** wrong ones since they last gave their password */
    #[ORM\Column]
    private int $pinTries = 0;

    /** shared with an app that makes numbers of it (RFC 6238), as base32; asked for at sign-in */
    #[ORM\Column(length: 64, nullable: true)]
    private ?string $secondFactor = null;

    /** half-minutes since 1970 of the last number that was taken: none is taken twice */
    #[ORM\Column]
    private int $secondFactorStep = 0;

    #[ORM\Column(type: 'date_immutable', nullable: true)]
    private ?\DateTimeImmutable $leftOn = null;

    /** @var array<int, list<array{string, string}>> usual shifts by day, 1 for Monday to 7 */
    #[ORM\Column(type: 'json')]
    private array $week;

    /** @var list<string> phases of the work that they do; none for all */
    #[ORM\Column(type: 'json')]
    private array $skills = [];

    public function __construct(
        #[ORM\Column(length: 60, unique: true)]
        private string $login,
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column(length: 20)]
        private Role $role,
    ) {
        $this->week = array_fill(1, 6, [['09:00', '12:30'], ['13:15', '17:30']]);
    }

    /**
     * @param array<int, list<array{string, string}>> $week
     * @param list<string>                            $skills
     */
    public function works(array $week, array $skills): void
    {
        $this->week = $week;
        $this->skills = $skills;
    }

    public function change(string $login, string $name, Role $role): void
    {
        $this->login = $login;
        $this->name = $name;
        $this->role = $role;
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function version(): int
    {
        return $this->version;
    }

    public function login(): string
    {
        return $this->login;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function role(): Role
    {
        return $this->role;
    }

    public function hasLeft(): bool
    {
        return null !== $this->leftOn;
    }

    /** Their past stays; nobody signs in by their name. */
    public function leave(\DateTimeImmutable $today): void
    {
        $this->leftOn = $today;
        $this->oneTimeUntil = $this->pinHash = $this->secondFactor = null;
    }

    public function comeBack(): void
    {
        $this->leftOn = null;
    }

    public function passwordHash(): string
    {
        return $this->passwordHash;
    }

    public function setPasswordHash(string $hash): void
    {
        $this->passwordHash = $hash;
        $this->oneTimeUntil = null;
    }

    /** Their own password is forgotten, and the number of the tablet with it. */
    public function giveOneTimeWord(string $hash, \DateTimeImmutable $until): void
    {
        $this->passwordHash = $hash;
        $this->oneTimeUntil = $until;
        $this->pinHash = $this->secondFactor = null;
    }

    public function pinHash(): ?string
    {
        return $this->pinHash;
    }

    public function pinTries(): int
    {
        return $this->pinTries;
    }

    public function setPinHash(?string $hash): void
    {
        $this->pinHash = $hash;
        $this->pinTries = 0;
    }

    public function secondFactor(): ?string
    {
        return $this->secondFactor;
    }

    public function setSecondFactor(?string $secret, int $step = 0): void
    {
        $this->secondFactor = $secret;
        $this->secondFactorStep = $step;
    }
}
