<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use KindHeel\App\Clock\Deadline;
use KindHeel\App\Running\WorkLoop;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;

#[AsCommand('bench:plan-ahead', 'Looks for a better order of the work whenever the bench has changed, and each minute as time goes on.')]
final readonly class PlanAheadCommand
{
    private const MILLISECONDS = 1500.0;
    private const EVERY_SECONDS = 60;
    private const PAUSE_S = 1;

    public function __construct(private Reschedule $reschedule, private WorkLoop $loop)
    {
    }

    public function __invoke(#[Option('Look once and stop.')] bool $once = false): int
    {
        $last = 0;
        $this->loop->run('plan-ahead', function () use (&$last, $once): void {
            if ($this->reschedule->improve(Deadline::in(self::MILLISECONDS), $once || time() - $last >= self::EVERY_SECONDS)) {
                $last = time();
            }
        }, self::PAUSE_S, $once);

        return Command::SUCCESS;
    }
}
