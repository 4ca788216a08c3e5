<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Deadline;
use Psr\Log\LoggerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;

#[AsCommand('bench:plan-ahead', 'Looks for a better order of the work whenever the bench has changed, and each minute as time goes on.')]
final readonly class PlanAheadCommand
{
    private const MILLISECONDS = 1500.0;
    private const EVERY_SECONDS = 60;

    public function __construct(private Reschedule $reschedule, private Connection $connection, private LoggerInterface $logger)
    {
    }

    public function __invoke(#[Option('Look once and stop.')] bool $once = false): int
    {
        $last = 0;
        do {
            try {
                $due = time() - $last >= self::EVERY_SECONDS;
                if ($this->reschedule->improve(Deadline::in(self::MILLISECONDS), $once || $due)) {
                    $last = time();
                }
            } catch (\Throwable $error) {
                // The database may be away for a while; the next round tries again.
                $this->logger->warning('The timetable could not be improved: {why}', ['why' => $error->getMessage()]);
                $this->connection->close();
                if ($once) {
                    return Command::FAILURE;
                }
            }
        } while (!$once && 0 === sleep(1));

        return Command::SUCCESS;
    }
}
