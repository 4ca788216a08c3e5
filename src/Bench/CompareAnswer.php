<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

/** What is decided when one half is dry and has been held against the other (T-8). */
enum CompareAnswer: string
{
    case Same = 'same';
    case Otherwise = 'otherwise';
    case Stop = 'stop';
}
