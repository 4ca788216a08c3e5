<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

/** A step with all that a screen says of it. */
final readonly class StepView
{
    /**
     * @param list<string>       $parts
     * @param list<RemarkView>   $because   the rules behind it, each with its sentence
     * @param list<RemarkView>   $cautions
     * @param list<StepWaitView> $waits
     * @param list<string>       $supplies  thread, tape, abrasive, dilution, in words
     * @param list<string>       $overrides why rules were gone over
     * @param list<string>       $tries     families that a trial tries
     */
    public function __construct(
        public int $id,
        public int $version,
        public int $piece,
        public string $key,
        /** open, running or done */
        public string $status,
        public string $phase,
        /** left, right or both */
        public string $half,
        public array $parts,
        public string $title,
        public string $where,
        public string $why,
        public string $how,
        /** such as “1.8 g” */
        public ?string $amount,
        public array $supplies,
        public string $action,
        public ?string $family,
        public string $applicator,
        public string $station,
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
        public string $brush,
        public ?string $startedAt,
        public ?string $startedBy,
        public ?string $endedAt,
    ) {
    }
}
