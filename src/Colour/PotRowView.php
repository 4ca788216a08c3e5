<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class PotRowView
{
    /**
     * @param float|null $near ΔE00 to the colour that was asked for
     */
    public function __construct(
        public int $id,
        public string $name,
        public int $piece,
        public string $pieceName,
        public string $customer,
        public PotState $state,
        public string $target,
        public ?string $mixed,
        public string $recipe,
        public int $drops,
        public ?float $keptMl,
        public string $keptWhere,
        public string $at,
        public ?float $near,
    ) {
    }
}
