<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use Symfony\Component\Validator\Constraints as Assert;

/** A piece whose job comes again, under a name. */
final readonly class UsualJobInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'What do you call this job?', normalizer: 'trim')]
        #[Assert\Length(max: 80, maxMessage: 'A name of {{ limit }} letters is enough.')]
        public string $name,
        public int $piece,
    ) {
    }
}
