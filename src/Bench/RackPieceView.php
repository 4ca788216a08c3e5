<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Job\PartColoursView;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Schedule\Standing;

/** A piece on the rack: how wet its parts are, and what it waits for. */
final readonly class RackPieceView
{
    /**
     * @param list<PartColoursView> $colours
     * @param list<CoatView>        $coats    that have not come to rest, newest first
     * @param list<string>          $atWork   names of who is at it
     * @param list<BellView>        $bells    what wants a look inside a wait
     * @param list<ArrangedView>    $arranged what is off it, under tape, in clamps or on a tree
     */
    public function __construct(
        public int $piece,
        public string $name,
        public string $customer,
        public Kind $kind,
        /** where it stands: bench, rack, booth or box */
        public DryingPlace $place,
        public string $promisedAt,
        /** it has been said to the owner; until then it is only reckoned with */
        public bool $promised,
        public int $stepsDone,
        public int $stepsAll,
        public array $colours,
        public array $coats,
        public array $atWork,
        /** when the next step of this piece may begin; null while something else stands before it */
        public ?string $opensAt,
        public ?string $closesAt,
        /** what that step is */
        public ?string $next,
        /** blocked, waiting, stalled, to-test, open, late or done */
        public ?Standing $standing,
        public array $bells,
        public array $arranged,
    ) {
    }
}
