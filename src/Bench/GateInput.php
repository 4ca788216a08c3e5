<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class GateInput
{
    public function __construct(
        public int $version,
        #[Assert\Choice(choices: ['passed', 'not-yet'], message: 'Passed, or not yet?')]
        public string $answer,
        #[Assert\Length(max: 300, maxMessage: 'A word why, not more than {{ limit }} letters.')]
        public ?string $why = null,
        /** when it was tested, where the workshop’s computer was out of reach then */
        #[Assert\DateTime(format: \DATE_RFC3339, message: 'That is no time.')]
        public ?string $at = null,
    ) {
    }
}
