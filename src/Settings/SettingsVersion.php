<?php

declare(strict_types=1);

namespace KindHeel\App\Settings;

use Doctrine\DBAL\Connection;
use KindHeel\App\Http\Refused;

/** What the workshop has set, as it stood when somebody looked: who changes something of it says what they saw, and two at once wait for each other. */
final readonly class SettingsVersion
{
    private const GUARD = 'guard';

    public function __construct(private Connection $connection)
    {
    }

    /** Another word for other settings. */
    public function current(): string
    {
        $settings = $this->connection->fetchFirstColumn(
            "SELECT CONCAT_WS(' ', name, value) FROM workshop_setting WHERE name <> ?
             UNION ALL SELECT CONCAT_WS(' ', id, week, skills, role, left_on) FROM person ORDER BY 1",
            [self::GUARD],
        );

        return substr(hash('sha256', serialize($settings)), 0, 16);
    }

    /**
     * Holds the settings until the transaction ends.
     *
     * @throws Refused when they are no longer what somebody saw
     */
    public function mustBe(string $seen): void
    {
        $this->connection->executeStatement("INSERT INTO workshop_setting (name, value) VALUES (?, '[]') ON DUPLICATE KEY UPDATE name = name", [self::GUARD]);
        $this->connection->executeQuery('SELECT name FROM workshop_setting WHERE name = ? FOR UPDATE', [self::GUARD]);
        if ($seen !== $this->current()) {
            throw Refused::stale('Somebody else has set something here meanwhile. This is how it stands now; set yours once more.');
        }
    }
}
