<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;

#[AsCommand('house:keep', 'Throws away, a few at a time, what nobody asks for any more.')]
final readonly class HousekeepingCommand
{
    private const PAUSE_S = 60;

    public function __construct(private Housekeeping $housekeeping, private LogFiles $logs, private WorkLoop $loop)
    {
    }

    public function __invoke(#[Option('One round and stop.')] bool $once = false): int
    {
        $this->loop->run('housekeeping', $this->round(...), self::PAUSE_S, $once);

        return Command::SUCCESS;
    }

    private function round(): void
    {
        $this->housekeeping->round();
        $this->logs->turn();
    }
}
