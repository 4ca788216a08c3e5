<?php

declare(strict_types=1);

namespace KindHeel\App\Clock;

use KindHeel\Core\Text\FieldError;

/** A day and an hour that somebody typed for something to come. */
final class Ahead
{
    private const FORMATS = ['!Y-m-d\TH:i', '!Y-m-d H:i', \DATE_RFC3339];

    /**
     * @param \DateTimeZone $zone of what was typed without one
     *
     * @return \DateTimeImmutable in UTC
     *
     * @throws FieldError
     */
    public static function of(string $text, \DateTimeZone $zone, \DateTimeImmutable $now, string $field): \DateTimeImmutable
    {
        foreach (self::FORMATS as $format) {
            $at = \DateTimeImmutable::createFromFormat($format, $text, $zone);
            if (false !== $at && false === \DateTimeImmutable::getLastErrors()) {
                return match (true) {
                    $at <= $now => throw new FieldError($field, 'That is for a time to come; this one has passed.'),
                    $at > $now->modify('+2 years') => throw new FieldError($field, 'That is more than two years away.'),
                    default => $at->setTimezone(new \DateTimeZone('UTC')),
                };
            }
        }
        throw new FieldError($field, 'This is not a day and an hour, such as 2026-03-06 18:00.');
    }
}
