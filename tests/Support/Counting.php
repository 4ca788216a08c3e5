<?php

declare(strict_types=1);

namespace KindHeel\Tests\Support;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;
use Doctrine\DBAL\Driver\Result;
use Doctrine\DBAL\Driver\Statement;

/** Counts the statements that reach the database. */
final class Counting implements Middleware
{
    public static int $statements = 0;

    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                return new class(parent::connect($params)) extends AbstractConnectionMiddleware {
                    public function prepare(string $sql): Statement
                    {
                        ++Counting::$statements;

                        return parent::prepare($sql);
                    }

                    public function query(string $sql): Result
                    {
                        ++Counting::$statements;

                        return parent::query($sql);
                    }
                };
            }
        };
    }
}
