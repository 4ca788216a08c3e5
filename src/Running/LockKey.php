<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Doctrine\ORM\Mapping as ORM;

/** A row of the store of locks ({@see \Symfony\Component\Lock\Store\DoctrineDbalStore}), which reads and writes it: see {@see Turn}. */
#[ORM\Entity]
#[ORM\Table(name: 'lock_keys')]
class LockKey
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 64)]
        private string $keyId,
        #[ORM\Column(length: 44)]
        private string $keyToken,
        /** Unix time, by the database's clock. */
        #[ORM\Column(options: ['unsigned' => true])]
        private int $keyExpiration,
    ) {
    }
}
