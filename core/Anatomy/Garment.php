<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Anatomy\PartName as P;

/** From the body outward, then inside. */
final class Garment
{
    /** @return list<PartAnatomy> */
    public static function anatomy(): array
    {
        return [
            new PartAnatomy(P::Body, 0.46, 1.5, UsualMaterials::GARMENT_OUTER, [
                P::Sleeves, P::Collar, P::StretchPanels, P::PerforatedPanels, P::Seat, P::Lining, P::Zips, P::Badges, P::Stitching,
                P::ArmourCovers, P::Cuffs, P::Palms,
            ]),
            new PartAnatomy(P::Sleeves, 0.24, 1.5, UsualMaterials::GARMENT_OUTER, [
                P::Cuffs, P::StretchPanels, P::ArmourCovers, P::Lining, P::Badges, P::Stitching, P::Palms, P::PerforatedPanels,
            ]),
            new PartAnatomy(P::Collar, 0.04, 1.5, UsualMaterials::GARMENT_OUTER, [P::Lining, P::Zips, P::Stitching]),
            new PartAnatomy(P::Cuffs, 0.04, 1.5, UsualMaterials::GARMENT_OUTER, [P::Lining, P::Stitching, P::Zips, P::Palms]),
            new PartAnatomy(P::StretchPanels, 0.05, 2.0, UsualMaterials::STRETCH, [P::Seat, P::ArmourCovers, P::Stitching]),
            new PartAnatomy(P::PerforatedPanels, 0.06, 1.5, UsualMaterials::GARMENT_OUTER, [P::Stitching]),
            new PartAnatomy(P::Seat, 0.06, 1.5, UsualMaterials::GARMENT_OUTER, [P::Lining, P::Stitching]),
            new PartAnatomy(P::ArmourCovers, 0.03, 5.0, UsualMaterials::ARMOUR, []),
            new PartAnatomy(P::Palms, 0.02, 1.5, UsualMaterials::GARMENT_OUTER, [P::Lining, P::Stitching]),
            new PartAnatomy(P::Lining, 0.90, 1.0, UsualMaterials::CLOTH_LINING, [P::Zips]),
            new PartAnatomy(P::Zips, 0.0, 2.0, UsualMaterials::METAL, []),
            new PartAnatomy(P::Badges, 0.0, 1.5, UsualMaterials::MARKS, []),
            new PartAnatomy(P::Stitching, 0.0, 1.5, UsualMaterials::THREAD, []),
        ];
    }
}
