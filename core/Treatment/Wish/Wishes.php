<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Wish;

use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;

/** What shop and owner ask of a plan beside the aim: schools, products that are not wanted, the hour by which it must be ready. */
final readonly class Wishes
{
    /**
     * @param list<Hazard|FamilyId> $exclude
     * @param float|null            $readyInMinutes from now; a piece that is to be made ready fast keeps it, of others it is said when they cannot
     * @param list<string>          $without        what is left out, by {@see \KindHeel\Core\Treatment\Step::what()}
     * @param array<string, Cover>  $cover          by part, where a pot was mixed over a ground that was read
     */
    public function __construct(
        public Schools $schools,
        public array $exclude = [],
        public ?float $readyInMinutes = null,
        public array $without = [],
        public array $cover = [],
    ) {
    }

    public static function none(): self
    {
        return new self(Schools::usual());
    }

    public function without(string ...$what): self
    {
        return new self($this->schools, $this->exclude, $this->readyInMinutes, array_values(array_unique([...$this->without, ...$what])), $this->cover);
    }

    public function leavesOut(string $what): bool
    {
        return \in_array($what, $this->without, true);
    }

    /** Why a family is not wanted: the hazard, or the family itself; null when it is welcome. */
    public function excludes(FamilyId $family): Hazard|FamilyId|null
    {
        foreach ($this->exclude as $unwanted) {
            if ($unwanted === $family || $unwanted instanceof Hazard && \in_array($unwanted, Family::of($family)->hazards, true)) {
                return $unwanted;
            }
        }

        return null;
    }
}
