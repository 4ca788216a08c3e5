<?php

declare(strict_types=1);

namespace KindHeel\Core\Finding;

use KindHeel\Core\Text\Message;

/** How much a finding shows. */
enum Severity: int
{
    case None = 0;
    case OnlyWhenLookedFor = 1;
    case AtArmsLength = 2;
    case FirstThingSeen = 3;
    case FunctionLost = 4;

    public function label(): string
    {
        return Message::of(match ($this) {
            self::None => 'none',
            self::OnlyWhenLookedFor => 'only when looked for',
            self::AtArmsLength => 'seen at arm’s length',
            self::FirstThingSeen => 'first thing seen',
            self::FunctionLost => 'function lost',
        });
    }

    public function atLeast(self $other): bool
    {
        return $this->value >= $other->value;
    }
}
