<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Symfony\Component\Validator\Constraints as Assert;

/** A lot is finished, or what is left of it is thrown away. */
final readonly class ThrowInput
{
    public function __construct(
        #[Assert\Length(max: 200, maxMessage: 'Say it in {{ limit }} letters.')]
        public string $why = '',
    ) {
    }
}
