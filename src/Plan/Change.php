<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

/** What a person does to a plan by hand. */
enum Change: string
{
    case Move = 'move';
    case Add = 'add';
    case Drop = 'drop';
    case Swap = 'swap';
    case Coats = 'coats';
    case Hurry = 'hurry';
    case Mend = 'mend';
    case Override = 'override';
}
