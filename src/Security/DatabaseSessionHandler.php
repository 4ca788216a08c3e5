<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Doctrine\DBAL\Connection;
use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

/**
 * Sessions in the database, so that any of several web servers can answer.
 *
 * Without locks: a session holds who signed in and a token, and neither changes between requests.
 */
final class DatabaseSessionHandler extends PdoSessionHandler
{
    public function __construct(Connection $connection)
    {
        $pdo = $connection->getNativeConnection();
        \assert($pdo instanceof \PDO);
        parent::__construct($pdo, ['lock_mode' => self::LOCK_NONE, 'db_username' => null, 'db_password' => null]);
    }

    /** Called when nothing has changed; the metadata change every ten minutes and are written then. */
    public function updateTimestamp(string $sessionId, string $data): bool
    {
        return true;
    }
}
