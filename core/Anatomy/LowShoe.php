<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Anatomy\PartName as P;

/** From toe to heel, from top to ground, then inside. */
final class LowShoe
{
    /** @return list<PartAnatomy> */
    public static function anatomy(): array
    {
        return [
            new PartAnatomy(P::Toe, 0.14, 2.5, UsualMaterials::DRESS_UPPER, [P::Vamp, P::Welt, P::Stitching, P::SoleEdge]),
            new PartAnatomy(P::Vamp, 0.26, 2.5, UsualMaterials::DRESS_UPPER, [P::Quarter, P::Tongue, P::Facing, P::Welt, P::Stitching, P::Lining]),
            new PartAnatomy(P::Quarter, 0.34, 2.5, UsualMaterials::DRESS_UPPER, [P::Counter, P::Facing, P::Topline, P::Welt, P::Lining, P::Stitching]),
            new PartAnatomy(P::Counter, 0.14, 2.5, UsualMaterials::DRESS_UPPER, [P::Topline, P::Welt, P::HeelStack, P::Lining]),
            new PartAnatomy(P::Tongue, 0.06, 2.5, UsualMaterials::DRESS_UPPER, [P::Facing, P::Laces, P::Lining]),
            new PartAnatomy(P::Facing, 0.04, 2.5, UsualMaterials::DRESS_UPPER, [P::Laces, P::Stitching, P::Topline]),
            new PartAnatomy(P::Topline, 0.02, 2.5, UsualMaterials::DRESS_UPPER, [P::Lining]),
            new PartAnatomy(P::Welt, 0.03, 4.0, UsualMaterials::WELT, [P::SoleEdge, P::HeelStack, P::Stitching]),
            new PartAnatomy(P::SoleEdge, 0.06, 8.0, UsualMaterials::SOLE_EDGE, [P::Outsole, P::HeelStack]),
            new PartAnatomy(P::HeelStack, 0.07, 35.0, UsualMaterials::HEEL_STACK, [P::Outsole]),
            new PartAnatomy(P::Outsole, 0.30, 8.0, UsualMaterials::OUTSOLE, []),
            new PartAnatomy(P::Lining, 0.80, 1.5, UsualMaterials::LINING, [P::Insole]),
            new PartAnatomy(P::Insole, 0.20, 3.0, UsualMaterials::INSOLE, []),
            new PartAnatomy(P::Laces, 0.0, 3.0, UsualMaterials::THREAD, []),
            new PartAnatomy(P::Stitching, 0.0, 1.5, UsualMaterials::THREAD, []),
        ];
    }
}
