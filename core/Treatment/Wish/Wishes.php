<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Wish;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;

/** What shop and owner ask of a plan beside the aim: schools, products that are not wanted, the hour by which it must be ready. */
final readonly class Wishes
{
    /**
     * @param list<Hazard|FamilyId>        $exclude
     * @param float|null                   $readyInMinutes from now; a piece that is to be made ready fast keeps it, of others it is said when they cannot
     * @param list<string>                 $without        what is left out, by {@see \KindHeel\Core\Treatment\Step::what()}
     * @param array<string, Cover>         $cover          by part, where a pot was mixed over a ground that was read
     * @param array<string, int>           $climbed        rungs that a look has asked for, by {@see \KindHeel\Core\Treatment\Need\Ladder::key()}
     * @param bool                         $firmOnly       what is held back behind a look is left out until the look has been taken
     * @param bool                         $oneHalfOnly    one half was treated and compared; the other stays as it is (T-8)
     * @param array<string, list<LetDown>> $washes         by part, where dyes were chosen from the ladder, from light to deep
     */
    public function __construct(
        public Schools $schools,
        public array $exclude = [],
        public ?float $readyInMinutes = null,
        public array $without = [],
        public array $cover = [],
        public array $climbed = [],
        public bool $firmOnly = false,
        public bool $oneHalfOnly = false,
        public array $washes = [],
    ) {
    }

    public static function none(): self
    {
        return new self(Schools::usual());
    }

    public function without(string ...$what): self
    {
        return new self(
            $this->schools,
            $this->exclude,
            $this->readyInMinutes,
            array_values(array_unique([...$this->without, ...$what])),
            $this->cover,
            $this->climbed,
            $this->firmOnly,
            $this->oneHalfOnly,
            $this->washes,
        );
    }

    public function leavesOut(string $what): bool
    {
        return \in_array($what, $this->without, true);
    }

    /** Nothing is to be sprayed. */
    public function isWithoutSpray(): bool
    {
        return \in_array(Hazard::Spray, $this->exclude, true);
    }

    /** Why a family is not wanted, by any tool or by this one: the hazard, or the family itself; null when it is welcome. */
    public function excludes(FamilyId $family, ?Applicator $by = null): Hazard|FamilyId|null
    {
        foreach ($this->exclude as $unwanted) {
            $hazards = null === $by ? Family::of($family)->hazards : Family::of($family)->hazardsBy($by);
            if ($unwanted === $family || $unwanted instanceof Hazard && \in_array($unwanted, $hazards, true)) {
                return $unwanted;
            }
        }

        return null;
    }
}
