<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Anatomy\PartName as P;

/** From toe to heel, from top to ground, then inside. */
final class Trainer
{
    /** @return list<PartAnatomy> */
    public static function anatomy(): array
    {
        return [
            new PartAnatomy(P::ToeBox, 0.18, 2.2, UsualMaterials::TRAINER_UPPER, [P::Vamp, P::Foxing, P::Stitching, P::Midsole]),
            new PartAnatomy(P::Vamp, 0.2, 2.2, UsualMaterials::TRAINER_UPPER, [
                P::SidePanel, P::Eyestay, P::Tongue, P::Foxing, P::Midsole, P::Stitching, P::Lining,
            ]),
            new PartAnatomy(P::SidePanel, 0.34, 2.2, UsualMaterials::TRAINER_UPPER, [
                P::Eyestay, P::Collar, P::HeelTab, P::Foxing, P::Midsole, P::Marks, P::Stitching, P::Lining,
            ]),
            new PartAnatomy(P::Eyestay, 0.08, 2.2, UsualMaterials::TRAINER_UPPER, [P::Tongue, P::Laces, P::Stitching, P::Collar]),
            new PartAnatomy(P::Collar, 0.07, 2.2, UsualMaterials::TRAINER_UPPER, [P::HeelTab, P::Lining, P::Tongue]),
            new PartAnatomy(P::HeelTab, 0.06, 2.2, UsualMaterials::TRAINER_UPPER, [P::Foxing, P::Midsole, P::Marks, P::Stitching]),
            new PartAnatomy(P::Tongue, 0.07, 3.0, UsualMaterials::TRAINER_UPPER, [P::Laces, P::Lining, P::Marks]),
            new PartAnatomy(P::Midsole, 0.375, 40.0, UsualMaterials::MIDSOLE, [P::Foxing, P::Outsole]),
            new PartAnatomy(P::Foxing, 0.08, 4.0, UsualMaterials::RUBBER, [P::Outsole]),
            new PartAnatomy(P::Outsole, 0.25, 8.0, UsualMaterials::RUBBER, []),
            new PartAnatomy(P::Lining, 0.70, 4.0, UsualMaterials::CLOTH_LINING, [P::Insole]),
            new PartAnatomy(P::Insole, 0.18, 5.0, UsualMaterials::SOCK, []),
            new PartAnatomy(P::Laces, 0.0, 4.0, UsualMaterials::THREAD, []),
            new PartAnatomy(P::Stitching, 0.0, 1.5, UsualMaterials::THREAD, []),
            new PartAnatomy(P::Marks, 0.0, 1.5, UsualMaterials::MARKS, []),
        ];
    }
}
