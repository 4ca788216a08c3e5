<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

use KindHeel\Core\Text\Message;

/** Where in the workshop something stands while it dries: each has air of its own. */
enum DryingPlace: string
{
    case Bench = 'bench';
    case Rack = 'rack';
    case Booth = 'booth';
    case Box = 'box';

    public function label(): string
    {
        return Message::of(self::Box === $this ? 'drying box' : $this->value);
    }
}
