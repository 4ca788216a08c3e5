<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\App\Job\PartColoursView;
use KindHeel\Core\Anatomy\Kind;

/** What an owner is given along: what was done, what comes next, what not to do. Nothing but the piece's own facts. */
final readonly class CarePageView
{
    /**
     * @param list<PartColoursView> $colours
     * @param list<string>          $done    with what kind of product
     * @param list<string>          $shows   what was told of it
     * @param list<CareDueView>     $cares   the owner's and the workshop's, the soonest first
     * @param list<string>          $not     what not to do
     */
    public function __construct(
        public string $workshop,
        public string $name,
        public Kind $kind,
        public array $colours,
        public ?string $leftAt,
        public array $done,
        public array $shows,
        public array $cares,
        public array $not,
        public string $afterRain,
        public string $storing,
    ) {
    }
}
