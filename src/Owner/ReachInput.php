<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\App\Job\ReachedBy;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class ReachInput
{
    public function __construct(
        public ReachedBy $by,
        #[Assert\NotBlank(message: 'How is that?', normalizer: 'trim'), Assert\Length(max: 160, maxMessage: 'Keep this under 160 letters.')]
        public string $at,
    ) {
    }
}
