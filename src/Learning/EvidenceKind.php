<?php

declare(strict_types=1);

namespace KindHeel\App\Learning;

/** What was seen: how long a coat dried, or how long hands were at it. */
enum EvidenceKind: string
{
    case Drying = 'drying';
    case Minutes = 'minutes';
}
