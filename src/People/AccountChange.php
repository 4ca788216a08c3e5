<?php

declare(strict_types=1);

namespace KindHeel\App\People;

/** What somebody is told of how they sign in, as it might not have been them. */
enum AccountChange: string
{
    case NewPassword = 'new-password';
    case WordGiven = 'word-given';
    case SecondFactorOn = 'second-factor-on';
    case SecondFactorOff = 'second-factor-off';
    case ShortNumber = 'short-number';
    /** by a browser that they have not used here */
    case Elsewhere = 'elsewhere';
}
