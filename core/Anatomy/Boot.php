<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Anatomy\PartName as P;

/** From toe to heel, up the shaft, down to the ground, then inside. */
final class Boot
{
    /** @return list<PartAnatomy> */
    public static function anatomy(): array
    {
        return [
            new PartAnatomy(P::Toe, 0.1, 2.8, UsualMaterials::BOOT_UPPER, [P::Vamp, P::Welt, P::Stitching, P::SoleEdge]),
            new PartAnatomy(P::Vamp, 0.2, 2.8, UsualMaterials::BOOT_UPPER, [
                P::Quarter, P::Tongue, P::FalseTongue, P::Facing, P::Welt, P::Stitching, P::Gusset, P::Shaft, P::Lining,
            ]),
            new PartAnatomy(P::Quarter, 0.22, 2.8, UsualMaterials::BOOT_UPPER, [
                P::Counter, P::Facing, P::Shaft, P::Gusset, P::Welt, P::Lining, P::Stitching, P::Collar,
            ]),
            new PartAnatomy(P::Counter, 0.1, 2.8, UsualMaterials::BOOT_UPPER, [P::Welt, P::HeelStack, P::Lining, P::Shaft]),
            new PartAnatomy(P::Tongue, 0.05, 2.5, UsualMaterials::BOOT_UPPER, [P::Facing, P::FalseTongue, P::Laces, P::Lining, P::Hooks]),
            new PartAnatomy(P::FalseTongue, 0.02, 2.5, UsualMaterials::BOOT_UPPER, [P::Laces]),
            new PartAnatomy(P::Facing, 0.04, 2.8, UsualMaterials::BOOT_UPPER, [P::Laces, P::Hooks, P::Stitching, P::Collar, P::Shaft]),
            new PartAnatomy(P::Collar, 0.03, 2.5, UsualMaterials::BOOT_UPPER, [P::Shaft, P::Pull, P::Gusset, P::Lining]),
            new PartAnatomy(P::Shaft, 0.20, 2.8, UsualMaterials::BOOT_UPPER, [P::Pull, P::Gusset, P::Lining, P::Stitching]),
            new PartAnatomy(P::Pull, 0.01, 2.5, UsualMaterials::TAPE, [P::Gusset, P::Lining]),
            new PartAnatomy(P::Gusset, 0.03, 2.5, UsualMaterials::TAPE, [P::Lining]),
            new PartAnatomy(P::Welt, 0.03, 4.0, UsualMaterials::WELT, [P::SoleEdge, P::HeelStack, P::Stitching]),
            new PartAnatomy(P::SoleEdge, 0.05, 10.0, UsualMaterials::SOLE_EDGE, [P::Outsole, P::HeelStack]),
            new PartAnatomy(P::HeelStack, 0.06, 40.0, UsualMaterials::HEEL_STACK, [P::Outsole]),
            new PartAnatomy(P::Outsole, 0.20, 10.0, UsualMaterials::OUTSOLE, []),
            new PartAnatomy(P::Lining, 0.80, 1.5, UsualMaterials::LINING, [P::Insole]),
            new PartAnatomy(P::Insole, 0.13, 3.0, UsualMaterials::INSOLE, []),
            new PartAnatomy(P::Laces, 0.0, 4.0, UsualMaterials::THREAD, [P::Hooks]),
            new PartAnatomy(P::Stitching, 0.0, 1.5, UsualMaterials::THREAD, []),
            new PartAnatomy(P::Hooks, 0.0, 2.0, UsualMaterials::METAL, []),
        ];
    }
}
