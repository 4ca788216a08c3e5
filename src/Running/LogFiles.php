<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

/**
 * Keeps the logs of the servers from growing for ever: what has grown too long is put aside, once, and begun anew.
 *
 * Each is held open by who writes to its end, so it is copied and cut, not renamed.
 */
final readonly class LogFiles
{
    /** @param list<string> $patterns of files, as `glob` takes them */
    public function __construct(private array $patterns, private int $mostBytes = 2_000_000)
    {
    }

    /** @return int how many were begun anew */
    public function turn(): int
    {
        $turned = 0;
        foreach ($this->patterns as $pattern) {
            foreach (glob($pattern) ?: [] as $file) {
                clearstatcache(true, $file);
                if ((int) @filesize($file) > $this->mostBytes && @copy($file, $file.'.1')) {
                    $open = @fopen($file, 'r+');
                    $turned += false !== $open && ftruncate($open, 0) ? 1 : 0;
                }
            }
        }

        return $turned;
    }
}
