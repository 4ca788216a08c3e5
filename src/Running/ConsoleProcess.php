<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Symfony\Component\Lock\Exception\ExceptionInterface as LockException;
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
        $process = self::of($this->projectDir, $words);
        $process->start();
        while ($process->isRunning()) {
            usleep(self::LOOK_AGAIN_US);
            $this->heartbeat->beat($for);
            try {
                $this->turn->isMine($for);
            } catch (LockException) {
                // The database is away for a moment; it goes on without, and says so again.
            }
        }
    }

    /**
     * @param list<string>          $words of the command
     * @param array<string, string> $env   what it is told besides, or instead
     */
    public static function of(string $projectDir, array $words, array $env = []): Process
    {
        return new Process([(new PhpExecutableFinder())->find() ?: 'php', $projectDir.'/bin/console', ...$words], env: $env, timeout: null);
    }
}
