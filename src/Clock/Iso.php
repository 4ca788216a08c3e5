<?php

declare(strict_types=1);

namespace KindHeel\App\Clock;

/** Times between the database (UTC, without zone), JSON (RFC 3339) and PHP. */
final class Iso
{
    public static function fromRow(?string $utc): ?string
    {
        return null === $utc ? null : str_replace(' ', 'T', substr($utc, 0, 19)).'Z';
    }

    public static function always(string $utc): string
    {
        return self::fromRow($utc) ?? '';
    }

    public static function of(?\DateTimeImmutable $at): ?string
    {
        return null === $at ? null : $at->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z');
    }

    public static function toRow(\DateTimeImmutable $at): string
    {
        return $at->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s');
    }
}
