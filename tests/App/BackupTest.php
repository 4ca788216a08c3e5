<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\DBAL\Exception as DatabaseError;
use KindHeel\App\Backup\BackupKey;
use KindHeel\App\Backup\Backups;
use KindHeel\App\Backup\ClosedFile;
use KindHeel\App\Backup\FileSnapshot;
use KindHeel\App\Backup\Generations;
use KindHeel\App\Backup\NightlyBackup;
use KindHeel\App\Backup\Rehearsal;
use KindHeel\App\Backup\Restore;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Files\FileStore;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Filesystem\Filesystem;

/** Everything of a workshop is kept in one closed file, comes back as it was, and nothing that was changed or cut passes for whole. */
final class BackupTest extends ApiTestCase
{
    /** What a dump would trip over. */
    private const NOTE = "The “tongue”; it's\nworn (again), \\ and so on;";

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = \dirname(__DIR__, 2).'/var/test-run';
        (new Filesystem())->remove([$this->folder.'/backups', $this->folder.'/backup.key']);
        self::getContainer()->get(BackupKey::class)->make();
        $this->signIn('ida');
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove([$this->folder.'/backups', $this->folder.'/backup.key']);
        parent::tearDown();
    }

    public function testWhatWasBackedUpComesBackAsItWas(): void
    {
        $piece = $this->plannedPair();
        self::assertSame(200, $this->ask('POST', "/api/pieces/$piece/notes", ['text' => self::NOTE]), $this->content());
        $path = $this->backups()->make();
        self::assertStringNotContainsString('lamplighter', (string) file_get_contents($path));
        $lines = $this->rows('ledger_entry');

        $found = self::getContainer()->get(Rehearsal::class)->of($path, $this->asRoot());
        self::assertGreaterThan(50, $found['tables']);
        self::assertGreaterThan($lines, $found['rows']);

        $this->ask('POST', "/api/pieces/$piece/notes", ['text' => 'Written after.']);
        $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201);
        self::assertSame($lines + 2, $this->rows('ledger_entry'));
        self::getContainer()->get(Restore::class)->take($path, $this->asRoot());
        self::assertCount(2, $this->backups()->all(), 'what was there before can be brought back as well');
        self::assertSame([], glob($this->folder.'/restore-*') ?: [], 'and nothing of it lies about');
        self::assertSame($lines, $this->rows('ledger_entry'));
        self::assertSame(self::NOTE, $this->connection()->fetchOne("SELECT text FROM ledger_entry WHERE event = 'noted'"));
        $this->refused(401, 'GET', '/api/bench');
        self::assertSame(200, $this->signIn('ida'), 'everybody signs in anew');
    }

    public function testARehearsalSaysWhatIsNotAsItWas(): void
    {
        $path = $this->backups()->make();
        $bytes = (string) file_get_contents($path);
        foreach ([
            'another version, or none' => ['no backup', 'X'.substr($bytes, 1)],
            'cut' => ['ends too early', substr($bytes, 0, -40)],
            'a whole piece cut' => ['ends too early', substr($bytes, 0, \strlen(ClosedFile::HEAD) + 24)],
            'a byte changed' => ['does not open', substr_replace($bytes, $bytes[\strlen($bytes) - 9] ^ "\x01", -9, 1)],
        ] as $how => [$said, $spoiled]) {
            file_put_contents($path, $spoiled);
            $this->fails($said, fn () => $this->backups()->unpack($path, $this->folder.'/backups/.test'), $how);
        }
        file_put_contents($path, $bytes);
        unlink($this->folder.'/backup.key');
        $this->fails('no key', fn () => $this->backups()->unpack($path, $this->folder.'/backups/.test'), 'no key');
        self::getContainer()->get(BackupKey::class)->make();
        $this->fails('another key', fn () => $this->backups()->unpack($path, $this->folder.'/backups/.test'), 'another key');
    }

    public function testARehearsalBySomebodyWhoMayNotLeavesNothingOpenBehind(): void
    {
        $path = $this->backups()->make();
        $before = glob($this->folder.'/rehearsal-*') ?: [];
        try {
            self::getContainer()->get(Rehearsal::class)->of($path, (string) getenv('DATABASE_URL'));
            self::fail('It took place.');
        } catch (DatabaseError $error) {
            self::assertStringContainsString('denied', $error->getMessage());
        }
        self::assertSame($before, glob($this->folder.'/rehearsal-*') ?: []);
    }

    public function testWhatIsForgottenWhileItIsMadeDoesNotStopIt(): void
    {
        $store = self::getContainer()->get(FileStore::class);
        foreach (['before', 'while', 'kept'] as $name) {
            $store->write("snapshot/$name", "seen $name");
        }
        $names = $store->names();
        $store->forget('snapshot/before');
        $digests = FileSnapshot::take($store, $names, $this->folder.'/backups/snapshot');
        $store->forget('snapshot/while');
        self::assertEqualsCanonicalizing(['snapshot/kept', 'snapshot/while'], preg_grep('~^snapshot/~', array_keys($digests)) ?: []);
        self::assertSame(hash('sha256', 'seen while'), $digests['snapshot/while']);
        self::assertStringEqualsFile($this->folder.'/backups/snapshot/snapshot/while', 'seen while', 'it stays until all has been read');
        $store->forget('snapshot/kept');
    }

    public function testTheBenchSaysWhenTheLastGoodOneIsTooOld(): void
    {
        $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201);
        $this->connection()->executeStatement('UPDATE ticket SET opened_at = UTC_TIMESTAMP() - INTERVAL 3 DAY');
        self::assertNotNull($this->bench()->notBackedUpSince, 'never, in three days of work');
        $this->backups()->make();
        self::assertNull($this->bench()->notBackedUpSince);
        $this->connection()->executeStatement('UPDATE backup_made SET at = UTC_TIMESTAMP() - INTERVAL 47 HOUR');
        self::assertNull($this->bench()->notBackedUpSince);
        $this->connection()->executeStatement('UPDATE backup_made SET at = UTC_TIMESTAMP() - INTERVAL 49 HOUR');
        self::assertNotNull($this->bench()->notBackedUpSince);
        unlink($this->folder.'/backup.key');
        $this->fails('There is no key', fn () => $this->backups()->make(), 'without a key');
        self::assertSame(1, $this->connection()->fetchOne('SELECT COUNT(*) FROM backup_made WHERE failure IS NOT NULL'));
        self::assertNotNull($this->bench()->notBackedUpSince, 'one that failed is none');
        self::assertCount(1, $this->backups()->all(), 'and leaves nothing behind');
    }

    public function testItIsMadeInTheSmallHoursOnce(): void
    {
        $night = self::getContainer()->get(NightlyBackup::class);
        $at = static fn (string $time): \DateTimeImmutable => new \DateTimeImmutable('2026-03-04 '.$time);
        $due = array_map(static fn (string $time): bool => $night->isDue($at($time)), ['01:59', '02:00', '04:59', '05:00']);
        self::assertSame([false, true, true, false], $due);
        $this->backups()->make();
        self::assertFalse($night->isDue($at('03:00')));
        $this->connection()->executeStatement('UPDATE backup_made SET at = UTC_TIMESTAMP() - INTERVAL 13 HOUR');
        self::assertTrue($night->isDue($at('03:00')));
        unlink($this->folder.'/backup.key');
        self::assertFalse($night->isDue($at('03:00')), 'nobody has asked for backups');
    }

    public function testSomeDaysSomeWeeksAndSomeMonthsAreKept(): void
    {
        $made = [];
        for ($day = new \DateTimeImmutable('2024-01-01 03:00'); $day <= new \DateTimeImmutable('2026-11-30 03:00'); $day = $day->modify('+1 day')) {
            $made[] = $day;
            $made[] = $day->modify('+12 hours');
        }
        $gone = Generations::go($made);
        $hour = static fn (\DateTimeImmutable $d): string => $d->format('Y-m-d H');
        $kept = array_values(array_diff(array_map($hour, $made), array_map($hour, $gone)));
        self::assertContains('2026-11-30 15', $kept, 'the newest');
        self::assertContains('2026-11-29 03', $kept, 'all of the last two days: one made after a mistake does not drive out the one before it');
        self::assertNotContains('2026-11-28 03', $kept, 'the last of a day');
        self::assertContains('2026-11-17 15', $kept, 'the fourteenth day');
        self::assertNotContains('2026-11-16 15', $kept);
        self::assertContains('2026-11-15 15', $kept, 'a Sunday');
        self::assertContains('2026-10-31 15', $kept, 'the end of a month');
        self::assertContains('2024-12-31 15', $kept, 'the twenty-fourth month');
        self::assertNotContains('2024-11-30 15', $kept);
        self::assertLessThanOrEqual(4 + Generations::DAYS + Generations::WEEKS + Generations::MONTHS, \count($kept));
        self::assertSame([], Generations::go(\array_slice($made, 0, 1)), 'the only one stays');
    }

    public function testOfAMomentTheNewestBeforeItIsTaken(): void
    {
        (new Filesystem())->mkdir($this->folder.'/backups');
        foreach (['20260301T020000000Z', '20260302T020000000Z', '20260303T020000000Z'] as $at) {
            touch($this->folder.'/backups/kindheel-'.$at.'.backup');
        }
        touch($this->folder.'/backups/kindheel-20260304T020000000Z.backup.part');
        self::assertStringContainsString('20260302', $this->backups()->of(new \DateTimeImmutable('2026-03-02T18:00Z')));
        $this->fails('no backup from before', fn () => $this->backups()->of(new \DateTimeImmutable('2026-02-28')), 'too old');
    }

    public function testTheConsoleDoesAllOfItAndSaysSo(): void
    {
        self::assertStringContainsString('none yet', $this->console('backup:list')->getDisplay());
        self::assertStringContainsString('Keep a copy', $this->console('backup:key')->getDisplay());
        self::assertStringContainsString('.backup, ', $this->console('backup:make')->getDisplay());
        self::assertStringContainsString('MB', $this->console('backup:list')->getDisplay());
        $rehearsed = $this->console('restore:rehearse', ['--url' => $this->asRoot(), '--migrate' => true]);
        self::assertStringContainsString('came back whole', $rehearsed->getDisplay());
        self::assertStringContainsString('this version take it', (string) preg_replace('/\s+/', ' ', $rehearsed->getDisplay()));
        self::assertSame(1, $this->connection()->fetchOne('SELECT COUNT(*) FROM backup_made WHERE rehearsed_at IS NOT NULL'));
        self::assertSame(1, $this->console('restore:rehearse', ['file' => '/nowhere'])->getStatusCode());
        self::assertSame(1, $this->console('restore:take', [], ['no'])->getStatusCode());
        self::assertStringContainsString('signs in anew', $this->console('restore:take', ['--yes' => true, '--url' => $this->asRoot()])->getDisplay());
    }

    /** @param \Closure(): mixed $act */
    private function fails(string $said, \Closure $act, string $how): void
    {
        try {
            $act();
        } catch (\RuntimeException $error) {
            self::assertStringContainsString($said, $error->getMessage(), $how);

            return;
        }
        self::fail($how.' passed');
    }

    private function backups(): Backups
    {
        return self::getContainer()->get(Backups::class);
    }

    private function bench(): BenchView
    {
        return $this->must(BenchView::class, 'GET', '/api/bench');
    }

    /** The same database as somebody who may make another. */
    private function asRoot(): string
    {
        $me = posix_getpwuid(posix_geteuid())['name'] ?? 'root';

        return (string) preg_replace('~//[^@]*@~', '//'.$me.'@', (string) getenv('DATABASE_URL'));
    }

    /**
     * @param array<string, mixed> $words
     * @param list<string>         $typed
     */
    private function console(string $command, array $words = [], array $typed = []): CommandTester
    {
        $tester = new CommandTester((new Application(self::$kernel ?? self::bootKernel()))->find($command));
        $tester->setInputs($typed);
        $tester->execute($words);

        return $tester;
    }
}
