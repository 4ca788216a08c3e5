<?php

declare(strict_types=1);

namespace KindHeel\App\Database;

use Doctrine\DBAL\Exception\DriverException;

/** What of a fault is written to the log: what the database says of a row that it refuses may be somebody's name or address, and stays out. */
final class Logged
{
    public static function why(\Throwable $error): string
    {
        return $error instanceof DriverException
            ? \sprintf('the database, %s %d', $error->getSQLState() ?? '', $error->getCode())
            : $error->getMessage();
    }

    /** @return array<string, mixed> context of a line */
    public static function of(\Throwable $error): array
    {
        for ($one = $error; null !== $one; $one = $one->getPrevious()) {
            if ($one instanceof DriverException) {
                return ['message' => self::why($one), 'class' => $one::class, 'at' => self::ours($one)];
            }
        }

        return ['message' => $error->getMessage(), 'exception' => $error];
    }

    /** The first place in our own code. */
    private static function ours(\Throwable $error): string
    {
        foreach ($error->getTrace() as $frame) {
            if (isset($frame['file'], $frame['line']) && !str_contains($frame['file'], '/vendor/')) {
                return basename($frame['file']).':'.$frame['line'];
            }
        }

        return basename($error->getFile()).':'.$error->getLine();
    }
}
