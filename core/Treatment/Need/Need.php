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
     * @param int           $rank       steps of one rank belong together, left then right
     * @param list<string>  $rules      numbers of the rules behind it
     * @param Shade|null    $shade      null for neutral product
     * @param Stage|null    $restsFrom  how far the coat below must have come, where that is later than rules ask
     * @param float|null    $areaDm2    what it covers, where that is less than its parts
     * @param FamilyId|null $otherwise  what does instead, on parts where this may not be
     * @param string|null   $look       the look that it is, under a name of its own
     * @param string|null   $heldBehind the look behind which it is held back
     * @param float         $share      of the minutes that its area would take by itself: a zone of a large piece is a part of one work
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
        public ?string $look = null,
        public ?string $heldBehind = null,
        public float $share = 1.0,
    ) {
    }

    public function with(Step $step): self
    {
        return $this->but(step: $step);
    }

    /** On some of its places, for that share of the minutes that those would take by themselves. */
    public function zone(Step $step, float $share): self
    {
        return $this->but(step: $step, share: $share);
    }

    /** Two that are met in one go. */
    public function together(self $other): self
    {
        return $this->but(
            step: $this->step->with($other->step),
            why: $this->why === $other->why || str_contains($this->why, $other->why) ? $this->why : $this->why.' '.$other->why,
            rules: array_values(array_unique([...$this->rules, ...$other->rules])),
            areaDm2: null === $this->areaDm2 || null === $other->areaDm2 ? null : $this->areaDm2 + $other->areaDm2,
        );
    }

    /** In a later part of the work. */
    public function later(int $ranks): self
    {
        return $this->but(rank: $this->rank + $ranks);
    }

    public function citing(string ...$rules): self
    {
        return $this->but(rules: array_values(array_unique([...$this->rules, ...$rules])));
    }

    private function but(mixed ...$changed): self
    {
        // @phpstan-ignore argument.type (its own properties, under their own names)
        return new self(...[...get_object_vars($this), ...$changed]);
    }
}
