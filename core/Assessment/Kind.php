<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Material\Material;

/** The kinds of low shoe, each with the parts that its cut has. */
enum Kind: string
{
    case Oxford = 'oxford';
    case Derby = 'derby';
    case Loafer = 'loafer';
    case Monk = 'monk';
    case Court = 'court';
    case Brogue = 'brogue';
    case DanceShoe = 'dance-shoe';

    public function label(): string
    {
        return match ($this) {
            self::DanceShoe => 'dance shoe',
            self::Court => 'court shoe',
            self::Monk => 'monk shoe',
            default => $this->value,
        };
    }

    /** @return list<Half> */
    public function halves(): array
    {
        return [Half::Left, Half::Right];
    }

    /** @return list<PartName> in an order that goes round the piece, toe to heel, top to ground, then inside */
    public function parts(): array
    {
        $laced = [PartName::Tongue, PartName::Facing, PartName::Laces];
        $without = match ($this) {
            self::Loafer, self::Monk => [PartName::Facing, PartName::Laces],
            self::Court => $laced,
            self::DanceShoe => [PartName::Welt],
            default => [],
        };

        return array_values(array_filter(PartName::cases(), static fn (PartName $part): bool => !\in_array($part, $without, true)));
    }

    public function has(PartName $part): bool
    {
        return \in_array($part, $this->parts(), true);
    }

    /** Leather of one half in dm² at EU 42 (planning figure), scaled with the square of the length. */
    public function areaOfHalfDm2(float $sizeEu): float
    {
        return 7.0 * ($sizeEu / 42.0) ** 2;
    }

    /**
     * The materials that a part of this family is usually made of, the likeliest first.
     *
     * @return non-empty-list<Material>
     */
    public static function materialsFor(PartName $part): array
    {
        return match ($part) {
            PartName::Welt => [Material::BareWelt, Material::LeatherEdge],
            PartName::SoleEdge => [Material::LeatherEdge, Material::Rubber],
            PartName::HeelStack => [Material::LeatherStack, Material::PlasticStack],
            PartName::Outsole => [Material::LeatherEdge, Material::Rubber],
            PartName::Lining => [Material::Aniline, Material::Textile],
            PartName::Insole => [Material::Aniline, Material::Textile, Material::Foam],
            PartName::Laces, PartName::Stitching => [Material::Textile],
            default => [Material::Aniline, Material::SemiAniline, Material::Pigmented, Material::Burnished],
        };
    }
}
