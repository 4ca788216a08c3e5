<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Symfony\Component\Validator\Constraints as Assert;

/** What a look at the dry result says: enough, or a rung up; `why` where it is somebody else's step. */
final readonly class LookInput
{
    public function __construct(
        public int $version,
        public bool $enough,
        #[Assert\Length(max: 300, maxMessage: 'A word why, not more than {{ limit }} letters.')]
        public ?string $why = null,
        /** when it was looked at, where the workshop’s computer was out of reach then */
        #[Assert\DateTime(format: \DATE_RFC3339, message: 'That is no time.')]
        public ?string $at = null,
    ) {
    }
}
