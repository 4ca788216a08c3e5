<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\Core\Care\CareKind;
use Symfony\Component\Validator\Constraints as Assert;

/** Care that was done at home. */
final readonly class CaredForInput
{
    public function __construct(
        public CareKind $kind,
        #[Assert\Date(message: 'A day, such as 2026-03-03.')]
        public ?string $on = null,
    ) {
    }
}
