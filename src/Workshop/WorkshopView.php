<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\App\Settings\Alarm;
use KindHeel\App\Settings\IdentityView;
use KindHeel\Core\Product\Phase;

/** What this workshop has set for itself, and what it has learned. */
final readonly class WorkshopView
{
    /**
     * @param list<WorkerView>   $people
     * @param list<OtherDayView> $days     from today on
     * @param list<StationView>  $stations
     * @param list<LearnedView>  $learned  the most surely known first
     * @param list<FeedRowView>  $feeds    one’s own calendar addresses
     * @param list<Phase>        $phases   of the work, in order
     */
    public function __construct(
        public array $people,
        public array $days,
        public array $stations,
        public int $switchMinutes,
        public int $handoverMinutes,
        /** what they really took of late; null where it was not seen */
        public ?int $switchSeen,
        public ?int $handoverSeen,
        /** bell, knock, chime or silent */
        public Alarm $alarm,
        public IdentityView $identity,
        public array $learned,
        public array $feeds,
        public array $phases,
        /** of the settings, for who changes one */
        public string $version,
    ) {
    }
}
