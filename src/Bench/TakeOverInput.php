<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Symfony\Component\Validator\Constraints as Assert;

/** Who goes on with a step that is under way. */
final readonly class TakeOverInput
{
    public function __construct(
        public int $version,
        public int $person,
        /** what was in the head of who hands it on */
        #[Assert\Length(max: 500, maxMessage: 'Keep a note under {{ limit }} letters.')]
        public string $note = '',
    ) {
    }
}
