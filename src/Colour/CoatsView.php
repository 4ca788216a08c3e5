<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class CoatsView
{
    /**
     * @param list<LadderView> $based over a white and over a tone-near base
     */
    public function __construct(
        public string $ground,
        public string $applicator,
        public LadderView $bare,
        public array $based,
        public string $sentence,
    ) {
    }
}
