<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Drying\DryingProfile;

/** A family of product: what it does to leather, how it dries, how much of it a coat takes. */
final readonly class Family
{
    /** @param list<Hazard> $hazards */
    public function __construct(
        public FamilyId $id,
        public DryingProfile $drying,
        public float $usePerM2,
        public Unit $unit,
        public bool $carriesColour,
        public bool $warmAirAllowed,
        public bool $laysFat,
        public array $hazards,
    ) {
    }

    public static function of(FamilyId $id): self
    {
        return FamilyTable::family($id);
    }

    /** A film or a dye: it holds only on leather that is free of fat. */
    public function needsCleanGround(): bool
    {
        return $this->drying->film || \in_array($this->id, [FamilyId::DyeSpirit, FamilyId::DyeWater], true);
    }

    /** It lifts the colour or the film of finishes that are not film (C-2). */
    public function dissolvesFinish(): bool
    {
        return \in_array($this->id, [FamilyId::Alcohol, FamilyId::SolventMild, FamilyId::Deglosser], true);
    }

    /** It brings water to the leather, which must leave before anything shuts it in (O-7). */
    public function wets(): bool
    {
        return \in_array($this->id, [FamilyId::DampCloth, FamilyId::CleanerNeutral, FamilyId::CleanerCream, FamilyId::Soap, FamilyId::Wash, FamilyId::FoamCleaner, FamilyId::SuedeCleaner, FamilyId::SaltWash], true);
    }

    /** It stays on the leather as a coat that has to dry before the next. */
    public function dries(): bool
    {
        return null !== $this->drying->driesBy;
    }
}
