<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

enum MessageState: string
{
    /** to be sent, posted or read out */
    case Waiting = 'waiting';
    /** it is on its way this moment */
    case Sending = 'sending';
    case Sent = 'sent';
    /** tried again and again; somebody has to look */
    case Failed = 'failed';
    /** nobody wants it sent any more */
    case Stopped = 'stopped';
}
