<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Treatment\Planning\PlannedStep;

/** What a step says to hands. */
#[ORM\Embeddable]
class StepWords
{
    #[ORM\Column(length: 250)]
    private string $title;
    /** The parts in words, without their half. */
    #[ORM\Column(name: 'place_words', length: 200)]
    private string $where;
    #[ORM\Column(length: 600)]
    private string $why;
    #[ORM\Column(length: 600)]
    private string $how;
    #[ORM\Column(length: 160, nullable: true)]
    private ?string $gate;
    /** @var list<string> */
    #[ORM\Column(type: 'json')]
    private array $rules;
    /** @var list<string> */
    #[ORM\Column(type: 'json')]
    private array $hazards;
    /** @var list<string> numbers of the harm rules */
    #[ORM\Column(type: 'json')]
    private array $cautions;

    public function __construct(PlannedStep $planned)
    {
        $this->title = $planned->title;
        $this->where = $planned->where;
        $this->why = $planned->why;
        $this->how = $planned->how;
        $this->gate = $planned->gate;
        $this->rules = $planned->rules;
        $this->hazards = array_map(static fn (Hazard $h): string => $h->value, $planned->hazards);
        $this->cautions = $planned->cautions;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function where(): string
    {
        return $this->where;
    }

    public function why(): string
    {
        return $this->why;
    }

    public function gate(): ?string
    {
        return $this->gate;
    }

    /** @return list<string> */
    public function rules(): array
    {
        return $this->rules;
    }
}
