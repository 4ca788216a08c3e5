<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use KindHeel\App\Clock\Iso;
use Psr\Clock\ClockInterface;

/**
 * Every process that works by itself says now and then that it still does: by a file with the moment in it, so that it can be said and read while the database
 * is away.
 */
final readonly class Heartbeat
{
    /** Who has said nothing for so long stands still: longer than any round of any of them. */
    private const STILL_AFTER_S = 180;

    public function __construct(private string $runDir, private ClockInterface $clock)
    {
    }

    public function beat(string $process): void
    {
        if (!is_dir($this->folder())) {
            @mkdir($this->folder(), 0o700, true);
        }
        @file_put_contents($this->folder().'/'.$process, (string) time());
    }

    /** When it last said so, by the machine's own clock; null when it never began here. */
    public function last(string $process): ?int
    {
        return (int) @file_get_contents($this->folder().'/'.$process) ?: null;
    }

    /** Since when it stands still, in the workshop's time; null while it works, and where it never began. */
    public function standsStillSince(string $process): ?string
    {
        $last = $this->last($process);
        $silent = null === $last ? 0 : time() - $last;

        return $silent < self::STILL_AFTER_S ? null : Iso::of($this->clock->now()->modify(\sprintf('-%d seconds', $silent)));
    }

    private function folder(): string
    {
        return $this->runDir.'/alive';
    }
}
