<?php

declare(strict_types=1);

namespace KindHeel\Core\Finding;

/** Findings that belong together, in the order in which a piece is looked over. */
enum FindingGroup: string
{
    case Dirt = 'dirt';
    case Salts = 'salts';
    case Residue = 'residue';
    case Colour = 'colour';
    case Surface = 'surface';
    case Build = 'build';
}
