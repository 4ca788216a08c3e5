<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

/** Lines of an older version, as the present one has them: one version after the other. */
final class Older
{
    public static function line(int $version, string $kind, \stdClass $line): \stdClass
    {
        return Format::VERSION === $version ? $line : throw new \LogicException(\sprintf('Nothing leads on from version %d of %s.', $version, $kind));
    }
}
