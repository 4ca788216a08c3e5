<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use Symfony\Component\Validator\Constraints as Assert;

/** How far the demo’s time goes on. */
final readonly class ForwardInput
{
    public function __construct(
        #[Assert\Range(min: 1, max: 960, notInRangeMessage: 'Between a minute and sixteen hours at a time.')]
        public int $minutes,
        /** whoever asks works too, not only the others */
        public bool $me = false,
        /** people come to the counter meanwhile: they bring, and fetch what is done */
        public bool $busily = false,
    ) {
    }
}
