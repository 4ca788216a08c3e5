<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

use KindHeel\Core\Text\Message;

/** Whether a typed reading of the air is one that somebody could have read there: a slip of the finger moves every wait in the workshop. */
final class TypedAir
{
    private const FURTHEST_C = 8.0;
    private const FURTHEST_RH = 0.25;
    /** A heated workshop, where nothing is known of it: °C and 0–1. */
    private const ROOM_C = [10.0, 32.0];
    private const ROOM_RH = [0.2, 0.85];

    /**
     * @param Air|null $last what was known there before; null when nothing was
     *
     * @return string|null the sentence when it is beyond sense
     */
    public static function beyondSense(Air $typed, ?Air $last): ?string
    {
        if (null === $last) {
            return $typed->tempC < self::ROOM_C[0] || $typed->tempC > self::ROOM_C[1] || $typed->rh < self::ROOM_RH[0] || $typed->rh > self::ROOM_RH[1]
                ? Message::of('No workshop is like that. Read the instrument once more.')
                : null;
        }
        $degrees = abs($typed->tempC - $last->tempC);
        $humidity = abs($typed->rh - $last->rh);

        return match (true) {
            $degrees > self::FURTHEST_C => Message::of('That is %d °C away from what was known before. Read the instrument once more.', (int) round($degrees)),
            $humidity > self::FURTHEST_RH => Message::of(
                'That is %d %% of humidity away from what was known before. Read the instrument once more.',
                (int) round(100.0 * $humidity)
            ),
            default => null,
        };
    }
}
