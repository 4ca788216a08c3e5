<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Doctrine\ORM\Mapping as ORM;

/** What a request with a key was answered, for a client that asks again because the answer was lost. */
#[ORM\Entity]
#[ORM\Table(name: 'remembered_answer')]
#[ORM\Index(columns: ['at'])]
class RememberedAnswer
{
    public function __construct(
        /** Hash over person, key, method, path and body. */
        #[ORM\Id, ORM\Column(length: 64)]
        private string $request,
        #[ORM\Column(type: 'text')]
        private string $body,
        #[ORM\Column]
        private int $status,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
    ) {
    }
}
