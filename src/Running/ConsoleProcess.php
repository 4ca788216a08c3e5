<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** A long command in a process of its own: what it takes of memory goes with it, and whoever waits for it says meanwhile that it lives. */
final readonly class ConsoleProcess
{
    private const LOOK_AGAIN_US = 500_000;

    public function __construct(private Heartbeat $heartbeat, private Turn $turn, private string $projectDir)
    {
    }

    /** @param list<string> $words of the command */
    public function run(array $words, string $for = 'housekeeping'): void
    {
        $process = new Process([(new PhpExecutableFinder())->find() ?: 'php', $this->projectDir.'/bin/console', ...$words], timeout: null);
        $process->start();
        while ($process->isRunning()) {
            usleep(self::LOOK_AGAIN_US);
            $this->heartbeat->beat($for);
            $this->turn->isMine($for);
        }
    }
}
