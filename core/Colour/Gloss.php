<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Material\Material;

/** How much it should shine when it is done. */
enum Gloss: string
{
    case Matt = 'matt';
    case Satin = 'satin';
    case Glow = 'glow';
    case Mirror = 'mirror';

    /** A mirror needs a grain that is closed and takes wax. */
    public function canBeHadOn(Material $material): bool
    {
        return self::Mirror !== $this || \in_array($material, [
            Material::Aniline, Material::SemiAniline, Material::Pigmented, Material::Burnished, Material::VegTan, Material::Patent,
            Material::ReptileGlazed, Material::LeatherStack, Material::LeatherEdge,
        ], true);
    }
}
