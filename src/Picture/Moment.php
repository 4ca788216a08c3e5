<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

/** When in the work a picture was taken. */
enum Moment: string
{
    case Before = 'before';
    case During = 'during';
    case After = 'after';
    /** the owner's own: how it looked when it was new */
    case Owners = 'owners';
}
