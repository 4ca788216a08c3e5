<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Server;
use KindHeel\App\Hosting\Door;
use KindHeel\App\Hosting\Hosted;
use KindHeel\App\Hosting\Workshops;
use KindHeel\App\Hosting\WorkshopsCommand;
use KindHeel\App\Hosting\WorkshopsWorkCommand;
use Monolog\Handler\TestHandler;
use Monolog\Logger;
use PHPUnit\Framework\Attributes\BackupGlobals;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** Several workshops on a machine: each by its name, with a database that no other reads. */
final class HostingTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';
    private string $folder;
    /** @var list<string> */
    private array $made = [];
    private ?Process $second = null;
    private string $saidFirst = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/workshops-'.bin2hex(random_bytes(6));
        mkdir($this->folder, 0o700);
    }

    protected function tearDown(): void
    {
        foreach (array_unique($this->made) as $database) {
            Server::connect(self::admin())->executeStatement("DROP DATABASE IF EXISTS `$database`");
            Server::connect(self::admin())->executeStatement("DROP USER IF EXISTS `$database`@localhost, `$database`@`%`");
        }
        $this->second?->signal(\SIGTERM);
        $this->second?->wait();
        (new Filesystem())->remove([$this->folder, self::ROOT.'/var/test-run/second']);
    }

    public function testEachHasADatabaseThatNoOtherReads(): void
    {
        [$said, $status] = $this->workshops('make', ['name' => 'mara.example', '--timezone' => 'Europe/Vienna']);
        self::assertSame(0, $status, $said);
        [$said, $status] = $this->workshops('make', ['name' => 'mara-example']);
        self::assertSame(0, $status, 'names that look alike stay apart: '.$said);
        $mara = $this->hosted('mara.example');
        $other = $this->hosted('mara-example');
        self::assertSame(0o600, fileperms($this->folder.'/mara.example.json') & 0o777, 'there is a password in it');
        self::assertStringContainsString('https://mara.example/begin#'.$mara->setting('BEGIN_WORD'), (string) preg_replace('/\s+/', ' ', $this->saidFirst));
        self::assertNotSame($mara->setting('APP_SECRET'), $other->setting('APP_SECRET'));
        self::assertSame('Europe/Vienna', $mara->setting('WORKSHOP_TIMEZONE'));
        Server::connect($mara->setting('DATABASE_URL'))->executeStatement("INSERT INTO workshop_setting (name, value) VALUES ('tried', '1')");
        $tried = "SELECT COUNT(*) FROM workshop_setting WHERE name = 'tried'";
        self::assertSame('0', self::text(Server::connect($other->setting('DATABASE_URL')), $tried));
        self::assertSame(['mara-example', 'mara.example'], array_column(Hosted::all($this->folder), 'name'));
        [$said, $status] = $this->workshops('count');
        self::assertSame(0, $status);
        self::assertStringContainsString('2 workshops', $said);
        [$said] = $this->workshops('upgrade');
        self::assertStringContainsString('mara.example: up to date', $said);
        foreach (["SELECT * FROM `{$this->database($other)}`.person", 'CREATE TABLE t (id INT)', 'DROP TABLE person'] as $sql) {
            try {
                Server::connect($mara->setting('DATABASE_URL'))->executeStatement($sql);
                self::fail('It may: '.$sql);
            } catch (\Doctrine\DBAL\Exception $error) {
                self::assertStringContainsString('denied', $error->getMessage());
            }
        }
    }

    public function testOneMovesToAnotherServerRowForRow(): void
    {
        $this->workshops('make', ['name' => 'mara.example']);
        $was = $this->hosted('mara.example');
        Server::connect($was->setting('DATABASE_URL'))->insert('workshop_setting', ['name' => 'tried', 'value' => '["it’s; a \\n line", "(and more),"]']);
        [$said, $status] = $this->workshops('move', ['name' => 'mara.example', '--to' => 'mysql://nobody:x@127.0.0.1:9/mysql?serverVersion=10.11.0-MariaDB']);
        self::assertSame(1, $status);
        self::assertStringContainsString('cannot be reached', (string) preg_replace('/\s+/', ' ', $said));
        self::assertEquals($was, $this->hosted('mara.example'));
        [$said, $status] = $this->workshops('move', ['name' => 'mara.example', '--to' => self::admin()]);
        self::assertSame(1, $status);
        self::assertStringContainsString('on that server already', $said);

        $inTheMiddle = Server::connect($was->setting('DATABASE_URL'));
        $inTheMiddle->beginTransaction();
        $inTheMiddle->executeStatement("INSERT INTO workshop_setting (name, value) VALUES ('begun', '1')");
        $to = (string) preg_replace('/unix_socket=[^&]+/', 'unix_socket='.$this->secondServer(), self::admin());
        [$said, $status] = $this->workshops('move', ['name' => 'mara.example', '--to' => $to]);
        self::assertSame(0, $status, $said);
        $is = $this->hosted('mara.example');
        $late = 'INSERT INTO workshop_setting (name, value) VALUES (\'late\', \'1\')';
        foreach (['in the middle of something' => $inTheMiddle, 'who comes later' => Server::connect($was->setting('DATABASE_URL'))] as $who => $connection) {
            try {
                $connection->executeStatement($late);
                self::fail($who.' is told that it is kept, and it is not where the workshop is now');
            } catch (\Doctrine\DBAL\Exception) {
            }
        }
        Server::connect($is->setting('DATABASE_URL'))->executeStatement($late);
        self::assertNotSame($was->setting('DATABASE_URL'), $is->setting('DATABASE_URL'));
        self::assertSame('', $is->closed);
        $value = "SELECT value FROM workshop_setting WHERE name = 'tried'";
        $kept = self::text(Server::connect($was->setting('DATABASE_URL')), $value);
        self::assertNotSame('', $kept);
        self::assertSame($kept, self::text(Server::connect($is->setting('DATABASE_URL')), $value));
        self::assertSame($was->setting('BEGIN_WORD'), $is->setting('BEGIN_WORD'));

        // A server that was stopped and begins again knows them still.
        $this->second?->signal(\SIGTERM);
        $this->second?->wait();
        $this->secondServer();
        self::assertSame($kept, self::text(Server::connect($is->setting('DATABASE_URL')), $value));

        [$said, $status] = $this->workshops('upgrade');
        self::assertSame(1, $status);
        self::assertStringContainsString('it names none of', $said, 'nobody here may lay out tables on the other server');
        [$said, $status] = $this->workshops('upgrade', admin: self::admin().' '.$to);
        self::assertSame(0, $status, $said);

        // Back again: what stayed there is not thrown away by that.
        [$said, $status] = $this->workshops('move', ['name' => 'mara.example', '--to' => self::admin()], self::admin().' '.$to);
        self::assertSame(1, $status);
        self::assertStringContainsString('on that server already', (string) preg_replace('/\s+/', ' ', $said));
        self::assertNotSame('', self::text(Server::connect($was->setting('DATABASE_URL')), $value));
        self::assertEquals($is, $this->hosted('mara.example'), 'and it is open where it is');
    }

    public function testAMoveThatGoesWrongLeavesItOpenWhereItWas(): void
    {
        $this->workshops('make', ['name' => 'mara.example']);
        $was = $this->hosted('mara.example');
        // There is no room for what is sent.
        mkdir($this->folder.'/mara.example/run/moving.sql.gz');
        $to = (string) preg_replace('/unix_socket=[^&]+/', 'unix_socket='.$this->secondServer(), self::admin());
        [$said, $status] = $this->workshops('move', ['name' => 'mara.example', '--to' => $to]);
        self::assertSame(1, $status);
        self::assertStringContainsString('is open where it was', (string) preg_replace('/\s+/', ' ', $said));
        self::assertEquals($was, $this->hosted('mara.example'));
        Server::connect($was->setting('DATABASE_URL'))->executeStatement("INSERT INTO workshop_setting (name, value) VALUES ('on', '1')");
        self::assertSame('0', self::text(Server::connect($to), "SELECT COUNT(*) FROM information_schema.schemata WHERE schema_name LIKE 'kh%'"));
    }

    public function testWhatWorksByItselfIsDoneForEachByOneMachineAtATime(): void
    {
        $this->workshops('make', ['name' => 'mara.example']);
        $mara = $this->hosted('mara.example');
        $database = Server::connect($mara->setting('DATABASE_URL'));
        $database->executeStatement('UPDATE timetable SET asked = 7, solved = 3');
        $database->insert('sign_in_failure', ['who' => 'nobody', 'address' => '', 'at' => '2001-01-01 00:00:00']);
        $log = new TestHandler();
        $logger = new Logger('test', [$log]);
        $work = fn (string $node): int => (new WorkshopsWorkCommand(new NativeClock(), $logger, self::ROOT, $this->folder, $node, 3))(once: true);
        $database->insert('lock_keys', ['key_id' => hash('sha256', 'workshops'), 'key_token' => 'of another machine', 'key_expiration' => time() + 60]);
        $work('first');
        self::assertSame('7 3', self::text($database, "SELECT CONCAT(asked, ' ', solved) FROM timetable"), 'another machine looks after it');
        $database->executeStatement('UPDATE lock_keys SET key_expiration = 1');
        $work('first');
        self::assertSame([], $log->getRecords());
        self::assertSame('7 7', self::text($database, "SELECT CONCAT(asked, ' ', solved) FROM timetable"));
        self::assertSame('0', self::text($database, 'SELECT COUNT(*) FROM sign_in_failure'), 'what is old has gone');
        self::assertFileExists($mara->setting('RUN_DIR').'/alive/plan-ahead');
    }

    #[BackupGlobals(true)]
    public function testTheNameThatIsAskedForSaysWhichOneItIs(): void
    {
        (new Hosted('mara.example', ['APP_SECRET' => 'of-mara']))->keep($this->folder);
        (new Hosted('olive.example', ['APP_SECRET' => 'of-olive'], 'Being moved.'))->keep($this->folder);
        self::assertNull(Door::enter($this->folder, 'Mara.Example:8317'));
        self::assertSame(['of-mara', 'mara.example'], [$_ENV['APP_SECRET'], $_SERVER['WORKSHOP']]);
        $closed = Door::enter($this->folder, 'olive.example');
        self::assertSame(503, $closed?->getStatusCode());
        self::assertStringContainsString('Being moved.', (string) $closed->getContent());
        self::assertSame('of-mara', $_ENV['APP_SECRET'], 'nothing of it was told');
        [$said, $status] = $this->workshops('open', ['name' => 'olive.example']);
        self::assertSame(0, $status, $said);
        self::assertNull(Door::enter($this->folder, 'olive.example'));
    }

    #[DataProvider('strangers')]
    public function testWhoeverAsksForAnythingElseFindsNothing(string $host): void
    {
        (new Hosted('mara.example', ['APP_SECRET' => 'of-mara']))->keep($this->folder);
        file_put_contents(\dirname($this->folder).'/outside.json', '{"settings": {}}');
        try {
            self::assertSame(404, Door::enter($this->folder, $host)?->getStatusCode());
        } finally {
            unlink(\dirname($this->folder).'/outside.json');
        }
    }

    /** @return iterable<int, array{string}> */
    public static function strangers(): iterable
    {
        $inside = ['../outside', 'mara.example/../mara.example', "mara.example\0", 'mara.example.'];
        foreach (['', 'nobody.example', '.', '*', str_repeat('a', 300), ...$inside] as $host) {
            yield [$host];
        }
    }

    public function testANameThatNobodyCouldReachIsNotTakenAndNothingIsLeft(): void
    {
        foreach (['' => 'no name', 'Mara' => 'no name', 'a b' => 'no name', "x'; DROP" => 'no name', '-a.example' => 'no name'] as $name => $why) {
            [$said, $status] = $this->workshops('make', ['name' => $name]);
            self::assertSame(1, $status);
            self::assertStringContainsString($why, $said);
        }
        [$said, $status] = $this->workshops('make', ['name' => 'mara.example', '--timezone' => 'Mars/Base']);
        self::assertSame(1, $status);
        self::assertStringContainsString('is no time zone', $said);
        [$said, $status] = $this->workshops('dance');
        self::assertSame(1, $status);
        self::assertStringContainsString('is not known', $said);
        self::assertSame([], Hosted::all($this->folder));
    }

    /**
     * @param array<string, string> $words
     * @param string|null           $admin accounts that may lay out databases
     *
     * @return array{string, int} what is said, and the exit code
     */
    private function workshops(string $do, array $words = [], ?string $admin = null): array
    {
        $application = new Application();
        $application->addCommand(new WorkshopsCommand(new Workshops($this->folder, $admin ?? self::admin(), self::ROOT)));
        $tester = new CommandTester($application->find('workshops'));
        $status = $tester->execute(['do' => $do] + $words);
        $this->saidFirst = '' === $this->saidFirst ? $tester->getDisplay() : $this->saidFirst;
        foreach (Hosted::all($this->folder) as $workshop) {
            if ('' !== $workshop->setting('DATABASE_URL')) {
                $this->made[] = $this->database($workshop);
            }
        }

        return [$tester->getDisplay(), $status];
    }

    private function secondServer(): string
    {
        $this->second = new Process(
            ['bash', '-c', '. tools/lib.sh; database_up var/test-run/second; trap "database_down; exit 0" TERM; echo "ready $DATABASE_SOCKET"; '
                .'while true; do sleep 0.1; done'],
            self::ROOT,
            timeout: null,
        );
        $this->second->start();
        $this->second->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'ready'));
        preg_match('/ready (\S+)/', $this->second->getOutput(), $found);

        return $found[1] ?? throw new \RuntimeException('There is no second server: '.$this->second->getErrorOutput());
    }

    private function hosted(string $name): Hosted
    {
        return Hosted::read($this->folder, $name) ?? throw new \RuntimeException($name.' is not there.');
    }

    private function database(Hosted $workshop): string
    {
        return ltrim((string) parse_url($workshop->setting('DATABASE_URL'), \PHP_URL_PATH), '/');
    }

    private static function text(Connection $database, string $sql): string
    {
        $value = $database->fetchOne($sql);

        return \is_scalar($value) ? (string) $value : '';
    }

    /** The server of the tests, as somebody who may make databases. */
    private static function admin(): string
    {
        $me = posix_getpwuid(posix_geteuid())['name'] ?? 'root';

        return (string) preg_replace(['~//[^@]*@~', '~/[^/?]*\?~'], ['//'.$me.'@', '/mysql?'], (string) getenv('DATABASE_URL'), 1);
    }
}
