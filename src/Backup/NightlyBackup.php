<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\WorkshopClock;
use KindHeel\App\Database\Row;
use KindHeel\App\Running\Chore;
use KindHeel\App\Running\ConsoleProcess;

/** In the small hours a backup is made by itself, once there is a key; the demo has nothing to lose. */
final readonly class NightlyBackup implements Chore
{
    private const FROM = 2;
    private const UNTIL = 5;
    public const AGAIN_HOURS = 12;

    public function __construct(
        private Connection $connection,
        private BackupKey $key,
        private Backups $backups,
        private WorkshopClock $demo,
        private string $workshopTimezone,
        private ConsoleProcess $console,
    ) {
    }

    public function round(): void
    {
        $now = new \DateTimeImmutable('now', new \DateTimeZone($this->workshopTimezone));
        if ($this->isDue($now)) {
            $this->console->run(['backup:make']);
        }
    }

    /** @param \DateTimeImmutable $now in the workshop's zone */
    public function isDue(\DateTimeImmutable $now): bool
    {
        $hour = (int) $now->format('G');
        if ($this->demo->isDemo() || $hour < self::FROM || $hour >= self::UNTIL || !$this->key->exists()) {
            return false;
        }

        // One that failed is not tried again in every round.
        return !$this->backups->hasGoodOneOf(self::AGAIN_HOURS)
            && null === Row::first($this->connection, 'SELECT id FROM backup_made WHERE at > UTC_TIMESTAMP() - INTERVAL 30 MINUTE LIMIT 1');
    }
}
