<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Anatomy\PartName as P;

/** From toe to heel, up the shaft, down to the ground, then inside. */
final class TallBoot
{
    /** @return list<PartAnatomy> */
    public static function anatomy(): array
    {
        return [
            new PartAnatomy(P::Toe, 0.06, 2.8, UsualMaterials::BOOT_UPPER, [P::Vamp, P::Welt, P::Stitching, P::SoleEdge]),
            new PartAnatomy(P::Vamp, 0.13, 2.8, UsualMaterials::BOOT_UPPER, [P::Shaft, P::InnerLeg, P::Counter, P::Welt, P::Stitching, P::Lining, P::Zip]),
            new PartAnatomy(P::Counter, 0.07, 2.8, UsualMaterials::BOOT_UPPER, [P::Shaft, P::SpurRest, P::Welt, P::HeelStack, P::Lining, P::Zip]),
            new PartAnatomy(P::Shaft, 0.50, 2.8, UsualMaterials::BOOT_UPPER, [P::InnerLeg, P::SpurRest, P::Zip, P::Pull, P::Lining, P::Stitching]),
            new PartAnatomy(P::InnerLeg, 0.20, 2.8, UsualMaterials::BOOT_UPPER, [P::Zip, P::Lining, P::Stitching]),
            new PartAnatomy(P::SpurRest, 0.02, 4.0, UsualMaterials::BOOT_UPPER, []),
            new PartAnatomy(P::Zip, 0.0, 2.0, UsualMaterials::METAL, [P::Lining]),
            new PartAnatomy(P::Pull, 0.02, 2.5, UsualMaterials::TAPE, [P::Lining]),
            new PartAnatomy(P::Welt, 0.02, 4.0, UsualMaterials::WELT, [P::SoleEdge, P::HeelStack, P::Stitching]),
            new PartAnatomy(P::SoleEdge, 0.03, 10.0, UsualMaterials::SOLE_EDGE, [P::Outsole, P::HeelStack]),
            new PartAnatomy(P::HeelStack, 0.03, 40.0, UsualMaterials::HEEL_STACK, [P::Outsole]),
            new PartAnatomy(P::Outsole, 0.10, 10.0, UsualMaterials::OUTSOLE, []),
            new PartAnatomy(P::Lining, 0.85, 1.5, UsualMaterials::LINING, [P::Insole]),
            new PartAnatomy(P::Insole, 0.07, 3.0, UsualMaterials::INSOLE, []),
            new PartAnatomy(P::Stitching, 0.0, 1.5, UsualMaterials::THREAD, []),
        ];
    }
}
