<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

/** What a field of a line holds. */
enum FieldType
{
    case Text;
    case Whole;
    case Number;
    case YesNo;
    /** in UTC to the second, as RFC 3339 writes it */
    case Moment;
    /** as ISO 8601 writes it */
    case Day;
    /** a list or an object of its own */
    case Inner;

    public static function ofColumn(string $type): self
    {
        return match ($type) {
            'string', 'text' => self::Text,
            'integer', 'bigint', 'smallint' => self::Whole,
            'float' => self::Number,
            'boolean' => self::YesNo,
            'datetime_immutable' => self::Moment,
            'date_immutable' => self::Day,
            'json' => self::Inner,
            default => throw new \LogicException(\sprintf('A column of the type %s cannot be written into an archive.', $type)),
        };
    }
}
