<?php

declare(strict_types=1);

namespace KindHeel\App\Settings;

/** What is heard when something calls. */
enum Alarm: string
{
    case Bell = 'bell';
    case Knock = 'knock';
    case Chime = 'chime';
    case Silent = 'silent';
}
