<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Symfony\Component\Validator\Constraints as Assert;

/** Money has come, or it was a mistake that it had. Nothing is paid by this. */
final readonly class PaidInput
{
    public function __construct(
        public bool $paid,
        #[Assert\Length(max: 40, maxMessage: 'Say it in {{ limit }} letters.')]
        public string $how = '',
    ) {
    }
}
