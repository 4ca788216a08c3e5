<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

/** How sure the restorer is of a material; on a guess the plan takes the gentler branch. */
enum Certainty: string
{
    case Known = 'known';
    case Likely = 'likely';
    case Guess = 'guess';
}
