<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Drying\DryingProfile;

/** A family of product: what it does to leather, how it dries, how much of it a coat takes. */
final class Family
{
    /** @var array<string, self> read from the table once */
    private static array $known = [];

    /** @param list<Hazard> $hazards */
    public function __construct(
        public readonly FamilyId $id,
        public readonly DryingProfile $drying,
        public readonly float $usePerM2,
        public readonly Unit $unit,
        public readonly bool $carriesColour,
        public readonly bool $warmAirAllowed,
        public readonly bool $laysFat,
        public readonly array $hazards,
    ) {
    }

    public static function of(FamilyId $id): self
    {
        return self::$known[$id->value] ??= FamilyTable::family($id);
    }

    /** A film or a dye: it holds only on leather that is free of fat. A repellent lies over polish. */
    public function needsCleanGround(): bool
    {
        return $this->drying->film && FamilyId::Repellent !== $this->id || $this->id->isDye();
    }

    public function isFlammable(): bool
    {
        return \in_array(Hazard::Flammable, $this->hazards, true);
    }

    /** It stays on the leather as a coat that has to dry before the next. */
    public function dries(): bool
    {
        return $this->drying->nextMinutes > 0.0;
    }
}
