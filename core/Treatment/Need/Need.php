<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Step;

/** A step that is called for, why, and where in the work it belongs. */
final readonly class Need
{
    /**
     * @param int           $rank      steps of one rank belong together, left then right
     * @param list<string>  $rules     numbers of the rules behind it
     * @param Shade|null    $shade     null for neutral product
     * @param Stage|null    $restsFrom how far the coat below must have come, where that is later than rules ask
     * @param float|null    $areaDm2   what it covers, where that is less than its parts
     * @param FamilyId|null $otherwise what does instead, on parts where this may not be
     */
    public function __construct(
        public Step $step,
        public int $rank,
        public string $why,
        public array $rules,
        public ?Shade $shade = null,
        public ?Stage $restsFrom = null,
        public int $order = 0,
        public ?float $areaDm2 = null,
        public ?FamilyId $otherwise = null,
    ) {
    }

    public function with(Step $step): self
    {
        return new self($step, $this->rank, $this->why, $this->rules, $this->shade, $this->restsFrom, $this->order, $this->areaDm2, $this->otherwise);
    }

    public function citing(string ...$rules): self
    {
        return new self(
            $this->step,
            $this->rank,
            $this->why,
            array_values(array_unique([...$this->rules, ...$rules])),
            $this->shade,
            $this->restsFrom,
            $this->order,
            $this->areaDm2,
            $this->otherwise,
        );
    }
}
