<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\Station;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Supply;

/** What a step takes: minutes, a place in the workshop, product, and what it needs beside. */
#[ORM\Embeddable]
class StepNeeds
{
    #[ORM\Column]
    private float $minutes;
    #[ORM\Column(length: 10)]
    private Station $station;
    #[ORM\Column(nullable: true)]
    private ?float $amount;
    #[ORM\Column(length: 5, nullable: true)]
    private ?Unit $unit;
    #[ORM\Column(length: 20, nullable: true)]
    private ?Shade $shade;
    #[ORM\Column(length: 20)]
    private ColourFamily $brush;
    /** @var list<array{name: string, amount: float|null, unit: string, detail: string}> thread, tape, abrasive, dilution */
    #[ORM\Column(type: 'json')]
    private array $supplies;

    public function __construct(PlannedStep $planned)
    {
        $this->minutes = $planned->minutes;
        $this->station = $planned->station;
        $this->amount = $planned->amount?->quantity;
        $this->unit = $planned->amount?->unit;
        $this->shade = $planned->shade;
        $this->brush = $planned->brush;
        $this->supplies = array_map(
            static fn (Supply $s): array => ['name' => $s->name, 'amount' => $s->amount, 'unit' => $s->unit, 'detail' => $s->detail],
            $planned->supplies,
        );
    }

    public function minutes(): float
    {
        return $this->minutes;
    }

    public function amount(): ?float
    {
        return $this->amount;
    }

    public function shade(): ?Shade
    {
        return $this->shade;
    }
}
