<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Driver\PDO\Exception as DriverError;
use Doctrine\DBAL\Exception\DriverException;
use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

/**
 * Sessions in the database, so that any of several web servers can answer.
 *
 * Without locks: a session holds who signed in and a token, and neither changes between requests.
 */
final class DatabaseSessionHandler extends PdoSessionHandler
{
    public function __construct(private readonly Connection $connection)
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

    protected function doRead(#[\SensitiveParameter] string $sessionId): string
    {
        return $this->told(fn (): string => parent::doRead($sessionId));
    }

    protected function doWrite(#[\SensitiveParameter] string $sessionId, string $data): bool
    {
        return $this->told(fn (): bool => parent::doWrite($sessionId, $data));
    }

    protected function doDestroy(#[\SensitiveParameter] string $sessionId): bool
    {
        return $this->told(fn (): bool => parent::doDestroy($sessionId));
    }

    /**
     * What the database refuses, or that it is gone, is told here as everywhere: it is no fault.
     *
     * @template T
     *
     * @param \Closure(): T $ask
     *
     * @return T
     *
     * @throws DriverException
     */
    private function told(\Closure $ask): mixed
    {
        try {
            return $ask();
        } catch (\PDOException $error) {
            throw $this->connection->getDriver()->getExceptionConverter()->convert(DriverError::new($error), null);
        }
    }
}
