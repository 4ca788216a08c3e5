<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\Owner;
use KindHeel\App\Settings\WorkshopSettings;
use Psr\Clock\ClockInterface;

/** Whoever looks after their own things is the owner of these; customers that there may be keep theirs. */
final readonly class AtHome
{
    public function __construct(private EntityManagerInterface $entities, private WorkshopSettings $settings, private ClockInterface $clock)
    {
    }

    public function isOf(string $name): void
    {
        $known = $this->settings->homeOwner();
        $owner = null === $known ? null : $this->entities->find(Owner::class, $known);
        if (null === $owner || $owner->isErased()) {
            $owner = new Owner($name, '', $this->clock->now());
            $this->entities->persist($owner);
            $this->entities->flush();
            $this->settings->takeHomeOwner($owner->id());
        }
    }
}
