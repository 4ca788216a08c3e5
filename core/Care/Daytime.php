<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

/** Hours in which people are written to or rung up: never at night. */
final class Daytime
{
    private const FROM = 8;
    private const UNTIL = 20;

    public static function is(\DateTimeImmutable $local): bool
    {
        $hour = (int) $local->format('G');

        return $hour >= self::FROM && $hour < self::UNTIL;
    }

    /** This moment by day, or the next morning. */
    public static function next(\DateTimeImmutable $local): \DateTimeImmutable
    {
        if (self::is($local)) {
            return $local;
        }
        $morning = $local->setTime(self::FROM, 0);

        return $morning > $local ? $morning : $morning->modify('+1 day');
    }
}
