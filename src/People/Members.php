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
    /** Of a person `p` who may sign in: has not left, and an owner’s word of theirs is not too old. */
    public const MAY = 'p.left_on IS NULL AND (p.one_time_until IS NULL OR p.one_time_until > UTC_TIMESTAMP())';

    public function __construct(private Connection $connection, private EntityManagerInterface $entities, private SignIns $signIns)
    {
    }

    public function loadUserByIdentifier(string $identifier): Member
    {
        $row = Row::first(
            $this->connection,
            'SELECT p.id, p.login, p.name, p.role, p.password_hash, p.one_time_until IS NOT NULL AS one_time FROM person p WHERE p.login = ? AND '.self::MAY,
            [trim($identifier)],
        );

        return null === $row ? throw new UserNotFoundException() : self::member($row);
    }

    /** @throws UserNotFoundException when that sign-in has ended */
    public function refreshUser(UserInterface $user): Member
    {
        $signIn = $user instanceof Member ? $user->signIn : 0;
        $row = $this->signIns->current($signIn) ?? throw new UserNotFoundException();

        return self::member($row, $signIn, $row->flag('sure'));
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

    /** Somebody who is at the bench. */
    public function hands(int $id): Person
    {
        $person = $this->known($id);

        return $person->hasLeft() || !$person->role()->works() ? throw new FieldError('person', 'They are not at the bench.') : $person;
    }

    public function known(int $id): Person
    {
        return $this->entities->find(Person::class, $id) ?? throw new FieldError('person', 'Nobody of that number works here.');
    }

    private static function member(Row $row, int $signIn = 0, bool $sure = false): Member
    {
        return new Member(
            $row->int('id'),
            $row->text('login'),
            $row->text('name'),
            $row->enum('role', Role::class),
            $row->text('password_hash'),
            $row->flag('one_time'),
            $signIn,
            $sure,
        );
    }
}
