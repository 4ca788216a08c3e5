<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Symfony\Component\Validator\Constraints as Assert;

/** The owner has been told that something is ready. */
final readonly class ToldInput
{
    public function __construct(
        /** such as “rang, she comes on Friday” */
        #[Assert\NotBlank(message: 'How was it said?', normalizer: 'trim')]
        #[Assert\Length(max: 200, maxMessage: 'A shorter note will do.')]
        public string $how,
    ) {
    }
}
