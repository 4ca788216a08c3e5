<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\Core\Text\FieldError;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;

/** @implements UserProviderInterface<Member> */
final readonly class Members implements UserProviderInterface
{
    public function __construct(private Connection $connection, private EntityManagerInterface $entities)
    {
    }

    public function loadUserByIdentifier(string $identifier): Member
    {
        $row = Row::first($this->connection, 'SELECT id, login, name, role, password_hash FROM person WHERE login = ?', [trim($identifier)]);

        return null === $row
            ? throw new UserNotFoundException()
            : new Member($row->int('id'), $row->text('login'), $row->text('name'), Role::from($row->text('role')), $row->text('password_hash'));
    }

    public function refreshUser(UserInterface $user): Member
    {
        return $this->loadUserByIdentifier($user->getUserIdentifier());
    }

    public function supportsClass(string $class): bool
    {
        return Member::class === $class;
    }

    /** The entity behind somebody, for what is written. */
    public function person(Member $member): Person
    {
        return $this->entities->find(Person::class, $member->id) ?? throw new UserNotFoundException();
    }

    public function known(int $id): Person
    {
        return $this->entities->find(Person::class, $id) ?? throw new FieldError('person', 'Nobody of that number works here.');
    }
}
