<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

/** What becomes of the signs of age. */
enum Patina: string
{
    case Keep = 'keep';
    case Soften = 'soften';
    case Remove = 'remove';
}
