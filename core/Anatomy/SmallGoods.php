<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Anatomy\PartName as P;

/** The side that is seen, the side that is not, then what holds it. */
final class SmallGoods
{
    /** @return list<PartAnatomy> */
    public static function anatomy(): array
    {
        return [
            new PartAnatomy(P::Face, 0.92, 4.5, UsualMaterials::STRAP_OUTER, [P::Edge, P::Holes, P::Buckle, P::Stitching, P::FleshSide]),
            new PartAnatomy(P::FleshSide, 0.90, 4.5, UsualMaterials::FLESH, [P::Edge, P::Holes, P::Buckle, P::Stitching]),
            new PartAnatomy(P::Edge, 0.08, 4.5, UsualMaterials::CUT_EDGE, [P::Holes, P::Stitching]),
            new PartAnatomy(P::Holes, 0.0, 4.5, UsualMaterials::FLESH, []),
            new PartAnatomy(P::Buckle, 0.0, 6.0, UsualMaterials::METAL, []),
            new PartAnatomy(P::Stitching, 0.0, 1.5, UsualMaterials::THREAD, []),
        ];
    }
}
