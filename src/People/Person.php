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
