<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class CoatsView
{
    /**
     * @param string|null      $changes what is done to the ground before the colour: “filled”; null where it stays as it was read
     * @param string|null      $over    of what it may be by then, that over which the coats were counted
     * @param list<LadderView> $based   over a white and over a tone-near base
     */
    public function __construct(
        public string $ground,
        public ?string $changes,
        public ?string $over,
        public string $groundHex,
        public string $applicator,
        public LadderView $bare,
        public array $based,
        public string $sentence,
    ) {
    }
}
