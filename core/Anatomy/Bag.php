<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Anatomy\PartName as P;

/** What is seen first, then round the body, then what it is carried by, then inside. */
final class Bag
{
    /** @return list<PartAnatomy> */
    public static function anatomy(): array
    {
        return [
            new PartAnatomy(P::Front, 0.26, 3.5, UsualMaterials::BAG_OUTER, [
                P::Flap, P::Base, P::Gusset, P::Piping, P::Trim, P::Hardware, P::Lining, P::Stitching, P::EdgePaint, P::Handle,
            ]),
            new PartAnatomy(P::Back, 0.26, 3.5, UsualMaterials::BAG_OUTER, [
                P::Flap, P::Base, P::Gusset, P::Piping, P::Trim, P::Lining, P::Stitching, P::Handle, P::EdgePaint,
            ]),
            new PartAnatomy(P::Base, 0.12, 3.5, UsualMaterials::BAG_OUTER, [P::Gusset, P::Piping, P::Hardware, P::Lining, P::Stitching]),
            new PartAnatomy(P::Flap, 0.14, 3.5, UsualMaterials::BAG_OUTER, [P::Trim, P::Hardware, P::EdgePaint, P::Lining, P::Stitching, P::Handle]),
            new PartAnatomy(P::Gusset, 0.12, 3.0, UsualMaterials::BAG_OUTER, [P::Piping, P::Strap, P::Hardware, P::Lining, P::Stitching]),
            new PartAnatomy(P::Handle, 0.03, 6.0, UsualMaterials::BAG_OUTER, [P::Hardware, P::EdgePaint, P::Stitching]),
            new PartAnatomy(P::Strap, 0.04, 3.5, UsualMaterials::BAG_OUTER, [P::Hardware, P::EdgePaint, P::Stitching]),
            new PartAnatomy(P::Piping, 0.01, 3.0, UsualMaterials::BAG_OUTER, [P::Stitching]),
            new PartAnatomy(P::Trim, 0.02, 3.0, UsualMaterials::BAG_OUTER, [P::Hardware, P::Stitching, P::EdgePaint]),
            new PartAnatomy(P::EdgePaint, 0.01, 1.0, UsualMaterials::EDGE_PAINT, []),
            new PartAnatomy(P::Lining, 0.80, 1.5, UsualMaterials::CLOTH_LINING, []),
            new PartAnatomy(P::Hardware, 0.0, 3.0, UsualMaterials::METAL, []),
            new PartAnatomy(P::Stitching, 0.0, 1.5, UsualMaterials::THREAD, []),
        ];
    }
}
