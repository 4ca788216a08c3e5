<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

/** How somebody is reached. */
enum ReachedBy: string
{
    case Email = 'email';
    case Phone = 'phone';
    case Post = 'post';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::Email => 'e-mail',
            self::Phone => 'telephone',
            self::Post => 'letter',
            self::Other => 'another way',
        };
    }

    /** What somebody has written down in one line is read for what it is. */
    public static function guess(string $at): self
    {
        return match (true) {
            1 === preg_match('/^[^@\s]+@[^@\s]+\.[^@\s]+$/', trim($at)) => self::Email,
            1 === preg_match('/^[\d\s()+\/.-]{5,}$/', trim($at)) => self::Phone,
            1 === preg_match('/\d/', $at) && 1 === preg_match('/\p{L}{3}/u', $at) => self::Post,
            default => self::Other,
        };
    }
}
