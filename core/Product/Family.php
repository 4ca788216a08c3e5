<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

use KindHeel\Core\Drying\Bell;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Quantity\Dilution;

/**
 * A family of product: what it does to leather, how it dries, how it is laid, how much a coat takes, and what is said of it.
 *
 * Each is one file in Family/, named as its case of {@see FamilyId}. The figures are for planning: minutes for a thin coat at
 * 20 °C, 50 % RH and still air, use per m² of leather. A maker's label wins, and a workshop may change them.
 */
abstract class Family
{
    /** @var array<string, self> */
    private static array $known = [];
    /** @var array<string, true> by name of the effect */
    private readonly array $does;

    /**
     * @param Phase         $phase        the stretch of the work to which it belongs where nobody says otherwise
     * @param float         $usePerM2     of a coat, in its unit
     * @param list<Effect>  $effects      every one that it has
     * @param list<Hazard>  $hazards      what it can do to a person
     * @param list<Surface> $leaves       what is true of the surface after it, beside what its effects bring
     * @param list<Surface> $takesOff     what is no longer true after it
     * @param string        $leftOut      what it costs to leave it out, in a sentence to the owner
     * @param Remark|null   $ownerHears   what the owner is told of it; %s stands for the parts
     * @param Dilution|null $dilution     for use
     * @param list<string>  $cautions     numbers of harm rules beside those of its hazards
     * @param bool          $touchCounts  a touch on a spot makes of the surface what a coat does
     * @param int           $openedMonths how long it may be used once it is opened (Q-7)
     * @param Bell|null     $bell         what wants a look while it is let be
     */
    protected function __construct(
        public readonly string $label,
        public readonly Phase $phase,
        public readonly DryingProfile $drying,
        public readonly float $usePerM2,
        public readonly Unit $unit,
        array $effects,
        public readonly array $hazards,
        private readonly array $leaves,
        private readonly array $takesOff,
        public readonly string $leftOut,
        public readonly ?Remark $ownerHears = null,
        public readonly ?Dilution $dilution = null,
        public readonly array $cautions = [],
        private readonly bool $touchCounts = true,
        public readonly int $openedMonths = 18,
        public readonly ?Bell $bell = null,
    ) {
        $this->does = array_fill_keys(array_column($effects, 'name'), true);
    }

    public static function of(FamilyId $id): self
    {
        return self::$known[$id->value] ??= self::read($id);
    }

    public function does(Effect $effect): bool
    {
        return isset($this->does[$effect->name]);
    }

    /** How it is laid: strokes, direction, pressure, amount, distance, and the test that ends its wait. */
    abstract public function instruction(Laying $how): Instruction;

    /** @return list<Surface> */
    public function leaves(bool $spot): array
    {
        return $spot && !$this->touchCounts ? [] : $this->leaves;
    }

    /** @return list<Surface> */
    public function takesOff(bool $spot): array
    {
        return $spot && !$this->touchCounts ? [] : $this->takesOff;
    }

    /** Where in the workshop it is laid. */
    public function station(Applicator $by): Station
    {
        return $by->sprays() ? Station::Booth : Station::Bench;
    }

    /** @return list<Hazard> those that laying it so brings: what is not sprayed needs no filter */
    public function hazardsBy(Applicator $by): array
    {
        return array_values(array_filter($this->hazards, static fn (Hazard $h): bool => Hazard::Spray !== $h || $by->sprays()));
    }

    /** Film or colour lies on the leather afterwards: what a trial shows there is the cover. */
    public function covers(): bool
    {
        return $this->drying->film && !$this->does(Effect::Bonds) || $this->does(Effect::Colours);
    }

    /** It stays on the leather as a coat that has to dry before the next. */
    public function dries(): bool
    {
        return $this->drying->nextMinutes > 0.0;
    }

    private static function read(FamilyId $id): self
    {
        $class = __CLASS__.'\\'.$id->name;

        return new $class();
    }
}
