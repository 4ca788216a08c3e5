<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\Owner;

/** The owner by a name and how they are reached; a new one where nobody is known so. */
final readonly class KnownOwner
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function of(string $name, string $contact, \DateTimeImmutable $now): Owner
    {
        /** @var list<Owner> $called */
        $called = $this->entities
            ->createQuery('SELECT o FROM '.Owner::class.' o WHERE o.name = :name AND o.erasedAt IS NULL ORDER BY o.id')
            ->setParameter('name', $name)
            ->getResult();
        foreach ($called as $owner) {
            if ('' === $contact || [] === $owner->ways() || \in_array($contact, array_column($owner->ways(), 'at'), true)) {
                return $owner;
            }
        }
        $owner = new Owner($name, $contact, $now);
        $this->entities->persist($owner);

        return $owner;
    }
}
