<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

#[AsCommand('house:keep', 'Throws away, a few at a time, what nobody asks for any more, and keeps the rest in order.')]
final readonly class HousekeepingCommand
{
    private const PAUSE_S = 60;

    /** @param iterable<Chore> $chores */
    public function __construct(
        private Housekeeping $housekeeping,
        private LogFiles $logs,
        private WorkLoop $loop,
        #[AutowireIterator(Chore::class)]
        private iterable $chores,
    ) {
    }

    public function __invoke(#[Option('One round and stop.')] bool $once = false): int
    {
        $this->loop->run('housekeeping', $this->round(...), self::PAUSE_S, $once, here: $this->logs->turn(...));

        return Command::SUCCESS;
    }

    private function round(): void
    {
        $this->housekeeping->round();
        foreach ($this->chores as $chore) {
            $chore->round();
        }
    }
}
