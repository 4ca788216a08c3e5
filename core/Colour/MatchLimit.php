<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/** How near two colours must be, in CIEDE2000, by where they will lie. */
enum MatchLimit: string
{
    case SamePart = 'same-part';
    case BetweenParts = 'between-parts';
    case LeftRight = 'left-right';

    public function dE00(): float
    {
        return self::BetweenParts === $this ? 2.0 : 1.0;
    }

    public function label(): string
    {
        return Message::of(match ($this) {
            self::SamePart => 'side by side on the same part',
            self::BetweenParts => 'between parts',
            self::LeftRight => 'between left and right',
        });
    }

    public function verdict(float $dE00): string
    {
        return \sprintf(
            $dE00 <= $this->dE00() ? Message::of('A close match: %.1f, the limit %s is %.1f.') : Message::of('Not near enough: %.1f, the limit %s is %.1f.'),
            $dE00,
            $this->label(),
            $this->dE00(),
        );
    }
}
