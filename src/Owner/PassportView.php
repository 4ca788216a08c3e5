<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\App\Colour\PotRowView;
use KindHeel\App\Job\PartColoursView;
use KindHeel\Core\Anatomy\Kind;

/** A piece for life. */
final readonly class PassportView
{
    /**
     * @param list<ColourReadView>  $read    colours, the last first
     * @param list<PartColoursView> $colours of its last visit
     * @param list<MadeOfView>      $made
     * @param list<VisitView>       $visits  the last first
     * @param list<CareDueView>     $cares   the soonest first
     * @param list<PotRowView>      $pots    that were mixed for it
     * @param string|null           $address of its care page; null while nobody is to see it
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public Kind $kind,
        public int $owner,
        public string $ownerName,
        public string $code,
        public string $since,
        public array $colours,
        public array $made,
        public array $visits,
        public ?CareUseView $use,
        public array $cares,
        public CareCostView $careCost,
        public array $read,
        public array $pots,
        public ?string $address,
        public string $storedAt,
        public ?string $storedUntil,
    ) {
    }
}
