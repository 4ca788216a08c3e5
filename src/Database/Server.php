<?php

declare(strict_types=1);

namespace KindHeel\App\Database;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;

/** Another database than the application's own. */
final class Server
{
    /** @param string $url as Doctrine takes it; it is reached when something is first asked of it */
    public static function connect(string $url): Connection
    {
        return DriverManager::getConnection((new DsnParser(['mysql' => 'pdo_mysql']))->parse($url));
    }
}
