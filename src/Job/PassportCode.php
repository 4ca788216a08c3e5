<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

/** Ten letters for a tag. */
final class PassportCode
{
    /** Without those that are taken for one another. */
    private const LETTERS = '23456789abcdefghjkmnpqrstuvwxyz';
    private const TAG = 10;

    public static function fresh(): string
    {
        $code = '';
        for ($i = 0; $i < self::TAG; ++$i) {
            $code .= self::LETTERS[random_int(0, \strlen(self::LETTERS) - 1)];
        }

        return $code;
    }
}
