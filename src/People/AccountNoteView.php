<?php

declare(strict_types=1);

namespace KindHeel\App\People;

final readonly class AccountNoteView
{
    public function __construct(public AccountChange $what, public string $device, public string $at)
    {
    }
}
