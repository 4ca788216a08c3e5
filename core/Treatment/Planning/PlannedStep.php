<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Amount;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Station;
use KindHeel\Core\Treatment\Step;

/** A step with its numbers and its words. */
final readonly class PlannedStep
{
    /**
     * @param list<Wait>   $waits    before it, in the usual air
     * @param Amount|null  $amount   of the product, for this step
     * @param list<Supply> $supplies beside the product
     * @param Stage|null   $gateFrom the stage from which its gate test is answered; null when nothing waits for its coat
     * @param list<string> $rules    numbers, each once
     * @param list<Hazard> $hazards
     * @param list<string> $cautions numbers of the harm rules, each once
     */
    public function __construct(
        public Step $step,
        public string $title,
        public string $where,
        public string $why,
        public string $how,
        public float $minutes,
        public Station $station,
        public array $waits,
        public ?Amount $amount,
        public array $supplies,
        public ?string $gate,
        public ?Stage $gateFrom,
        public array $rules,
        public array $hazards,
        public array $cautions,
        public ?Shade $shade,
        public ColourFamily $brush,
    ) {
    }

    /**
     * The same, with only these cautions.
     *
     * @param list<string> $cautions numbers of rules
     */
    public function warning(array $cautions): self
    {
        $hazards = array_values(array_filter($this->hazards, static fn (Hazard $h): bool => \in_array($h->rule(), $cautions, true)));

        // @phpstan-ignore argument.type (its own properties, under their own names)
        return new self(...[...get_object_vars($this), 'cautions' => $cautions, 'hazards' => $hazards]);
    }
}
