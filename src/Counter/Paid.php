<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

/** Whether what was done has been paid when it is collected; nothing is charged here. */
enum Paid: string
{
    case Now = 'now';
    case Before = 'before';
    case Later = 'later';
    case Nothing = 'nothing';

    public function told(): string
    {
        return match ($this) {
            self::Now => 'paid',
            self::Before => 'paid before',
            self::Later => 'to be paid later',
            self::Nothing => 'nothing to pay',
        };
    }
}
