<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Exception\ConnectionLost;
use Doctrine\DBAL\Exception\DriverException;
use KindHeel\App\Security\DatabaseSessionHandler;

/** A session that cannot be read or written because of the database is told as that, and is no fault of ours. */
final class SessionHandlerTest extends ApiTestCase
{
    public function testASessionIsKept(): void
    {
        $handler = new DatabaseSessionHandler($this->connection());
        $handler->open('', 'a-session');
        self::assertTrue($handler->write('kept', 'what was written'));
        self::assertSame('what was written', $handler->read('kept'));
        self::assertTrue($handler->destroy('kept'));
        self::assertSame('', $handler->read('kept'));
    }

    public function testADatabaseThatIsGoneIsToldAsThat(): void
    {
        $line = DriverManager::getConnection($this->connection()->getParams());
        $handler = new DatabaseSessionHandler($line);
        $handler->open('', 'a-session');
        self::assertSame('', $handler->read('of-nobody'));
        $number = $line->fetchOne('SELECT CONNECTION_ID()');
        $this->connection()->executeStatement('KILL '.(is_numeric($number) ? (int) $number : self::fail('It has a number.')));
        foreach (['read' => static fn () => $handler->read('of-nobody'), 'write' => static fn () => $handler->write('of-nobody', 'anything'),
            'destroy' => static fn () => $handler->destroy('of-nobody')] as $what => $ask) {
            try {
                $ask();
                self::fail($what);
            } catch (DriverException $error) {
                self::assertInstanceOf(ConnectionLost::class, $error, $what);
            }
        }
    }
}
