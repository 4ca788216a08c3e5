<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Doctrine\DBAL\Connection;
use Doctrine\Persistence\ManagerRegistry;
use KindHeel\App\Database\Logged;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpKernel\DependencyInjection\ServicesResetterInterface;

/**
 * Does something again and again for days. Every round begins with nothing held from the one before: an entity manager that a failure has closed, or a
 * connection that was lost, is not carried on.
 */
final readonly class WorkLoop
{
    private const LOOK_AGAIN_S = 5;
    /** Nanoseconds; by a clock that nobody puts back. */
    private const SECOND = 1_000_000_000;

    public function __construct(
        #[Autowire(service: 'services_resetter')]
        private ServicesResetterInterface $resetter,
        private Connection $connection,
        private ManagerRegistry $registry,
        private Heartbeat $heartbeat,
        private Turn $turn,
        private LoggerInterface $logger,
    ) {
    }

    /**
     * @param \Closure(): mixed        $round  what is done each time, by one machine of several; what it throws is written to the log, and the next round tries
     *                                         again
     * @param bool                     $once   one round, whoever has the turn, and what it throws is thrown
     * @param int                      $rounds after so many it stops
     * @param (\Closure(): mixed)|null $here   what every machine does for itself besides
     */
    public function run(string $process, \Closure $round, int $pauseSeconds, bool $once = false, int $rounds = \PHP_INT_MAX, ?\Closure $here = null): void
    {
        for ($done = $due = 0;;) {
            // It looks often, to keep the turn and to take it soon; a round is only done when it is due.
            $isDue = hrtime(true) >= $due;
            $isMine = true;
            try {
                $isMine = $once || $this->turn->isMine($process);
                if ($isDue) {
                    null === $here || $here();
                    $isMine && $round();
                    $this->heartbeat->beat($process);
                }
            } catch (\Throwable $error) {
                if ($once) {
                    throw $error;
                }
                $this->logger->warning('{process}: a round failed, the next one tries again: {why}', ['process' => $process, 'why' => Logged::why($error)]);
                $this->connection->close();
                // A manager that a failure has closed stays closed; clearing it alone would not open it.
                $this->registry->resetManager();
            }
            if ($isDue) {
                ++$done;
                $due = $isMine ? hrtime(true) + $pauseSeconds * self::SECOND : 0;
            }
            $this->resetter->reset();
            if ($once || $done >= $rounds) {
                return;
            }
            sleep(min($pauseSeconds, self::LOOK_AGAIN_S));
        }
    }
}
