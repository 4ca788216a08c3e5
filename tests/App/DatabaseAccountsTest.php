<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The private database lets in whoever started it, the application with its password, and nobody else. */
final class DatabaseAccountsTest extends TestCase
{
    private string $socket;
    private string $password;

    protected function setUp(): void
    {
        $url = getenv('DATABASE_URL');
        parse_str((string) parse_url((string) $url, \PHP_URL_QUERY), $said);
        $socket = $said['unix_socket'] ?? null;
        self::assertIsString($socket, 'the tests reach the database as the application does, by its socket');
        [$this->socket, $this->password] = [$socket, (string) parse_url((string) $url, \PHP_URL_PASS)];
    }

    public function testItsSocketLiesInAFolderThatNobodyElseMayEnterAndThereIsNoPort(): void
    {
        self::assertSame('0700', substr(\sprintf('%o', fileperms(\dirname($this->socket))), -4));
        self::assertEquals([1], $this->column('SELECT @@skip_networking'));
    }

    public function testNobodyGetsInWithoutAPassword(): void
    {
        $without = $this->column(
            "SELECT CONCAT(User, '@', Host) FROM mysql.global_priv WHERE JSON_VALUE(Priv, '$.plugin') <> 'unix_socket'"
            ." AND COALESCE(JSON_VALUE(Priv, '$.authentication_string'), '') IN ('', 'invalid') AND COALESCE(JSON_VALUE(Priv, '$.account_locked'), '0') = '0'",
        );
        self::assertSame([], $without);
        foreach (['', 'guess'] as $password) {
            $this->refused(fn () => $this->connect('kindheel', $password));
        }
        $this->refused(fn () => $this->connect('www-data', ''));
    }

    public function testTheApplicationMayNeitherMakeNorDropATable(): void
    {
        $name = 'kindheel_rights_'.bin2hex(random_bytes(4));
        $laid = new Process(['bash', '-c', <<<'SH'
            . tools/lib.sh
            DATABASE_SOCKET=$1
            database_for "$2" "$3" ALL
            database_for "$2" "$3" "$WORKING_RIGHTS"
            SH, 'rights', $this->socket, $name, $this->password], __DIR__.'/../..');
        $laid->mustRun();
        try {
            $this->root()->exec("CREATE TABLE `$name`.`one` (`n` INT)");
            $application = $this->connect('kindheel', $this->password);
            $application->exec("INSERT INTO `$name`.`one` VALUES (1)");
            $application->exec("UPDATE `$name`.`one` SET `n` = 2");
            self::assertEquals([2], $this->column("SELECT `n` FROM `$name`.`one`"));
            foreach (["DROP TABLE `$name`.`one`", "CREATE TABLE `$name`.`two` (`n` INT)", "ALTER TABLE `$name`.`one` ADD `m` INT",
                'SELECT * FROM mysql.global_priv'] as $sql) {
                $this->refused(static fn () => $application->exec($sql));
            }
        } finally {
            $this->root()->exec("DROP DATABASE `$name`");
        }
    }

    /** @param \Closure(): mixed $act */
    private function refused(\Closure $act): void
    {
        try {
            $act();
            self::fail('It was let in.');
        } catch (\PDOException $refused) {
            self::assertStringContainsString('denied', $refused->getMessage());
        }
    }

    /** @return list<mixed> */
    private function column(string $sql): array
    {
        $asked = $this->root()->query($sql);

        return false === $asked ? [] : array_values($asked->fetchAll(\PDO::FETCH_COLUMN));
    }

    /** Whoever runs the tests started the server. */
    private function root(): \PDO
    {
        return $this->connect(posix_getpwuid(posix_geteuid())['name'] ?? '', '');
    }

    private function connect(string $user, string $password): \PDO
    {
        return new \PDO('mysql:unix_socket='.$this->socket, $user, $password);
    }
}
