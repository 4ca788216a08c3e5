<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment\Disclosure;

/** What will become of a finding. */
enum Prospect: string
{
    case Gone = 'gone';
    case Softer = 'softer';
    case Stays = 'stays';
}
