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
    public function __construct(
        #[Autowire(service: 'services_resetter')]
        private ServicesResetterInterface $resetter,
        private Connection $connection,
        private ManagerRegistry $registry,
        private Heartbeat $heartbeat,
        private LoggerInterface $logger,
    ) {
    }

    /**
     * @param \Closure(): mixed $round  what is done each time; what it throws is written to the log, and the next round tries again
     * @param bool              $once   one round, and what it throws is thrown
     * @param int               $rounds after so many it stops
     */
    public function run(string $process, \Closure $round, int $pauseSeconds, bool $once = false, int $rounds = \PHP_INT_MAX): void
    {
        for ($done = 1;; ++$done) {
            try {
                $round();
                $this->heartbeat->beat($process);
            } catch (\Throwable $error) {
                if ($once) {
                    throw $error;
                }
                $this->logger->warning('{process}: a round failed, the next one tries again: {why}', ['process' => $process, 'why' => Logged::why($error)]);
                $this->connection->close();
                // A manager that a failure has closed stays closed; clearing it alone would not open it.
                $this->registry->resetManager();
            }
            $this->resetter->reset();
            if ($once || $done >= $rounds) {
                return;
            }
            sleep($pauseSeconds);
        }
    }
}
