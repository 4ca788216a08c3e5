<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Material\Material as M;

/** What parts of the same use are made of in every family, the likeliest first. */
final class UsualMaterials
{
    public const DRESS_UPPER = [
        M::Aniline, M::Pigmented, M::SemiAniline, M::Burnished, M::Suede, M::Patent, M::Nubuck, M::ReptileMatt, M::ReptileGlazed,
        M::Embossed, M::VegTan, M::Textile, M::Synthetic,
    ];
    public const BOOT_UPPER = [
        M::Pigmented, M::Waxy, M::Aniline, M::SemiAniline, M::Burnished, M::RoughOut, M::Suede, M::Nubuck, M::VegTan, M::Patent,
        M::ReptileMatt, M::Synthetic,
    ];
    public const TRAINER_UPPER = [M::Pigmented, M::Synthetic, M::Textile, M::Suede, M::Nubuck, M::Embossed, M::Aniline, M::Patent];
    public const BAG_OUTER = [
        M::Pigmented, M::Aniline, M::VegTan, M::SemiAniline, M::CoatedCanvas, M::Waxy, M::Embossed, M::Suede, M::Patent, M::ReptileGlazed,
        M::ReptileMatt, M::Synthetic, M::Textile,
    ];
    public const GARMENT_OUTER = [M::SheepNappa, M::Pigmented, M::Aniline, M::Suede, M::RacingHide, M::Nubuck, M::Waxy, M::SemiAniline, M::Synthetic];
    public const STRAP_OUTER = [
        M::VegTan, M::Pigmented, M::Waxy, M::Aniline, M::Burnished, M::Suede, M::ReptileGlazed, M::ReptileMatt, M::Embossed, M::Synthetic,
    ];
    public const LINING = [M::Aniline, M::Textile, M::Suede, M::Synthetic];
    public const CLOTH_LINING = [M::Textile, M::Suede, M::Aniline];
    public const INSOLE = [M::Aniline, M::Textile, M::Foam];
    public const WELT = [M::BareWelt, M::LeatherEdge, M::Rubber];
    public const SOLE_EDGE = [M::LeatherEdge, M::Rubber, M::Foam];
    public const HEEL_STACK = [M::LeatherStack, M::PlasticStack, M::Rubber];
    public const OUTSOLE = [M::LeatherEdge, M::Rubber];
    public const THREAD = [M::Textile];
    public const METAL = [M::Metal];
    public const MIDSOLE = [M::Foam, M::Rubber];
    public const RUBBER = [M::Rubber, M::Foam];
    public const SOCK = [M::Textile, M::Foam, M::Aniline];
    public const MARKS = [M::Synthetic, M::Textile, M::Pigmented];
    public const EDGE_PAINT = [M::Synthetic, M::LeatherEdge];
    public const STRETCH = [M::Textile, M::Synthetic];
    public const ARMOUR = [M::Synthetic, M::Metal];
    public const FLESH = [M::RoughOut, M::VegTan, M::Suede];
    public const CUT_EDGE = [M::LeatherEdge, M::Synthetic];
    public const TAPE = [M::Textile, M::Aniline, M::VegTan];
}
