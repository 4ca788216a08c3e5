<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Settling;

/** What a darkened place asks for now. */
enum SettlingAdvice: string
{
    /** It has not been read since. */
    case Read = 'read';
    /** It is still on its way: nothing is judged, and the other half is left. */
    case Wait = 'wait';
    /** It comes back: the other half may be done. */
    case GoOn = 'go-on';
    /** What stays is seen side by side: both halves will look so. */
    case Tell = 'tell';
    /** What stays is plain to see: the owner is asked before the other half is touched. */
    case Ask = 'ask';
}
