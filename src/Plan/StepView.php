<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Job\Halves;
use KindHeel\App\Job\StepStatus;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Station;
use KindHeel\Core\Treatment\Action;

/** A step with all that a screen says of it. */
final readonly class StepView
{
    /**
     * @param list<PartName>     $parts
     * @param list<RemarkView>   $because   the rules behind it, each with its sentence
     * @param list<RemarkView>   $cautions
     * @param list<StepWaitView> $waits
     * @param list<string>       $supplies  thread, tape, abrasive, dilution, in words
     * @param list<string>       $overrides why rules were gone over
     * @param list<FamilyId>     $tries     families that a trial tries
     * @param list<string>       $notes     with who wrote each, the oldest first
     */
    public function __construct(
        public int $id,
        public int $version,
        public int $piece,
        public string $key,
        public StepStatus $status,
        public Phase $phase,
        /** left, right or both */
        public Halves $half,
        public array $parts,
        public string $title,
        public string $where,
        public string $why,
        public string $how,
        /** such as “1.8 g” */
        public ?string $amount,
        public array $supplies,
        public Action $action,
        /** it is answered: enough, or a rung up */
        public bool $isLook,
        /** a card points at its parts */
        public bool $onParts,
        public ?FamilyId $family,
        public Applicator $applicator,
        public Station $station,
        public int $coat,
        public int $coats,
        public array $overrides,
        public array $tries,
        public float $minutes,
        public array $waits,
        public ?string $gate,
        public array $because,
        public array $cautions,
        public ?string $hex,
        public ColourFamily $brush,
        public ?string $startedAt,
        public ?string $startedBy,
        public ?string $endedAt,
        /** it went wrong, and another is done in its place */
        public bool $spoiled,
        /** by hand, once it is done */
        public ?int $tookMinutes,
        public array $notes,
    ) {
    }
}
