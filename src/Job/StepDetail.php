<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Treatment\Planning\Supply;

/** A stored step with all its words and what it takes. */
final readonly class StepDetail
{
    /**
     * @param string|null                                           $unit      of the amount
     * @param list<Supply>                                          $supplies  thread, tape, abrasive, dilution
     * @param list<FamilyId>                                        $tries     that a trial tries
     * @param list<string>                                          $rules     numbers
     * @param list<Hazard>                                          $hazards
     * @param list<string>                                          $cautions  numbers of the harm rules
     * @param list<array{rule: string, reason: string, by: string}> $overrides rules that somebody went over
     * @param list<string>                                          $notes     with who wrote each, the oldest first
     */
    public function __construct(
        public StepRecord $step,
        public string $where,
        public string $why,
        public string $how,
        public int $coat,
        public int $coats,
        public ?float $amount,
        public ?string $unit,
        public array $supplies,
        public ?Shade $shade,
        public array $tries,
        public array $rules,
        public array $hazards,
        public array $cautions,
        public array $overrides,
        public array $notes = [],
    ) {
    }
}
