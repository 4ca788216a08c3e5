<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\AirReading;
use KindHeel\App\Air\AirSource;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Running\Health;
use KindHeel\App\Running\Heartbeat;
use KindHeel\App\Running\Housekeeping;
use KindHeel\App\Running\LogFiles;
use KindHeel\App\Running\Turn;
use KindHeel\App\Running\WorkLoop;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\DryingPlace;

/** What works by itself for days: it is not stopped by a failure, says when it stands still, and clears up without being in anybody's way. */
final class RunningTest extends ApiTestCase
{
    private string $alive;

    protected function setUp(): void
    {
        parent::setUp();
        $this->alive = \dirname(__DIR__, 2).'/var/test-run/alive';
        array_map(unlink(...), glob($this->alive.'/*') ?: []);
    }

    protected function tearDown(): void
    {
        @unlink($this->alive.'/plan-ahead');
        parent::tearDown();
    }

    public function testAFailedRoundLeavesNothingBehindThatStopsTheNext(): void
    {
        $entities = self::getContainer()->get(EntityManagerInterface::class);
        $before = $this->rows('air_reading');
        $log = \dirname(__DIR__, 2).'/var/log/test-'.date('Y-m-d').'.log';
        $written = is_file($log) ? (int) filesize($log) : 0;
        $rounds = 0;
        self::getContainer()->get(WorkLoop::class)->run('test', function () use (&$rounds, $entities): void {
            $entities->wrapInTransaction(function () use (&$rounds, $entities): void {
                $entities->persist(new AirReading($this->clock->now(), Air::reference(), AirSource::Typed, DryingPlace::Bench));
                if (1 === ++$rounds) {
                    throw new \RuntimeException('the first round is lost');
                }
            });
        }, 0, rounds: 2);
        self::assertSame([2, $before + 1], [$rounds, $this->rows('air_reading')], 'the second round keeps what it read');
        clearstatcache();
        self::assertStringContainsString('the first round is lost', (string) file_get_contents($log, offset: $written), 'what failed is in the log at once');
    }

    public function testOneRoundAloneSaysWhatFailed(): void
    {
        $this->expectExceptionMessage('no hygrometer');
        self::getContainer()->get(WorkLoop::class)->run('test', static fn () => throw new \RuntimeException('no hygrometer'), 0, once: true);
    }

    public function testOneMachineOfSeveralHasTheTurnUntilItHasSaidNothingForLong(): void
    {
        $machine = fn (string $name): Turn => new Turn($this->connection(), '/srv/kind-heel', $name);
        [$first, $second] = [$machine('first'), $machine('second')];
        self::assertTrue($first->isMine('post'));
        self::assertFalse($second->isMine('post'));
        self::assertTrue($first->isMine('post'));
        self::assertTrue($second->isMine('housekeeping'), 'each of what works by itself has a turn of its own');
        // What was killed and is begun anew goes on with its turn.
        $this->connection()->executeStatement('UPDATE lock_keys SET key_expiration = key_expiration - 1');
        self::assertTrue($machine('first')->isMine('post'));
        self::assertFalse($second->isMine('post'));
        $this->connection()->executeStatement('UPDATE lock_keys SET key_expiration = key_expiration - ?', [Turn::SECONDS + 1]);
        self::assertTrue($second->isMine('post'), 'the first has said nothing for long');
        self::assertFalse($machine('first')->isMine('post'));
    }

    public function testWhoHasNotTheTurnDoesOnlyWhatEveryMachineDoesForItself(): void
    {
        $other = new Turn($this->connection(), '/srv/kind-heel', 'other');
        self::assertTrue($other->isMine('test'));
        $loop = self::getContainer()->get(WorkLoop::class);
        [$rounds, $here] = [0, 0];
        $round = static function () use (&$rounds): void { ++$rounds; };
        $each = static function () use (&$here): void { ++$here; };
        $loop->run('test', $round, 0, rounds: 1, here: $each);
        self::assertSame([0, 1], [$rounds, $here]);
        self::assertNotNull(self::getContainer()->get(Heartbeat::class)->last('test'), 'it waits, and says that it lives');
        $loop->run('test', $round, 0, once: true, here: $each);
        self::assertSame([1, 2], [$rounds, $here], 'whoever asks for one round by hand is given it');
    }

    public function testTheBenchSaysSinceWhenNobodyPlansAnew(): void
    {
        $this->signIn();
        self::assertNull($this->must(BenchView::class, 'GET', '/api/bench')->replanningStillSince, 'where it never began, nothing is missed');
        $heartbeat = self::getContainer()->get(Heartbeat::class);
        $heartbeat->beat('plan-ahead');
        self::assertNull($this->must(BenchView::class, 'GET', '/api/bench')->replanningStillSince);
        file_put_contents($this->alive.'/plan-ahead', (string) (time() - 600));
        $since = $this->must(BenchView::class, 'GET', '/api/bench')->replanningStillSince;
        // The machine’s clock goes on meanwhile; the workshop’s stands.
        self::assertEqualsWithDelta($this->clock->now()->getTimestamp() - 600, strtotime((string) $since), 30, 'in the workshop’s own time');
        self::assertSame('degraded', self::getContainer()->get(Health::class)->look()->status);
    }

    public function testHealthIsSaidToAnybodyAndWritesToKnow(): void
    {
        $this->client->request('GET', '/health');
        $said = json_decode($this->content(), true);
        self::assertIsArray($said);
        self::assertSame([200, 'ok', 'ok'], [$this->client->getResponse()->getStatusCode(), $said['status'] ?? null, $said['database'] ?? null]);
        self::assertSame(1, $this->rows('write_probe'));
        self::assertSame([], $this->client->getResponse()->headers->getCookies(), 'who watches is no visitor');
    }

    public function testADatabaseThatTakesNothingIsDown(): void
    {
        $this->connection()->executeStatement('SET SESSION TRANSACTION READ ONLY');
        try {
            $this->client->request('GET', '/health');
            self::assertSame(503, $this->client->getResponse()->getStatusCode());
            self::assertStringContainsString('cannot write', $this->content());
        } finally {
            $this->connection()->executeStatement('SET SESSION TRANSACTION READ WRITE');
        }
    }

    public function testWhatIsOldGoesByItsKeyInSmallPieces(): void
    {
        $answers = Housekeeping::PIECE + 30;
        $old = Iso::toRow($this->clock->now()->modify('-25 hours'));
        for ($i = 0; $i < $answers; ++$i) {
            $this->connection()->insert('remembered_answer', ['request' => \sprintf('%064d', $i), 'body' => '{}', 'status' => 200, 'at' => $old]);
        }
        $young = Iso::toRow($this->clock->now()->modify('-23 hours'));
        $this->connection()->insert('remembered_answer', ['request' => str_repeat('a', 64), 'body' => '{}', 'status' => 200, 'at' => $young]);
        $this->connection()->insert('sign_in_failure', ['who' => 'x', 'address' => 'y', 'at' => $old]);
        $this->connection()->insert('sessions', ['sess_id' => 'gone', 'sess_data' => '', 'sess_lifetime' => time() - 1, 'sess_time' => 0]);
        $this->connection()->insert('sessions', ['sess_id' => 'here', 'sess_data' => '', 'sess_lifetime' => time() + 60, 'sess_time' => 0]);
        $person = $this->connection()->fetchOne('SELECT MIN(id) FROM person');
        foreach (['-61 days', '-59 days'] as $ago) {
            $this->connection()->insert('step_act', [
                'step_id' => 1, 'person_id' => $person, 'event' => 'done', 'at' => Iso::toRow($this->clock->now()->modify($ago)), 'taken_back' => 0,
                'brought' => '[]', 'was' => '{}',
            ]);
        }
        self::assertSame($answers + 3, self::getContainer()->get(Housekeeping::class)->round());
        self::assertSame([1, 0, 1, 1], array_map($this->rows(...), ['remembered_answer', 'sign_in_failure', 'sessions', 'step_act']));
    }

    public function testAWriteNeverClearsUpAndAnAnswerIsForgottenAfterADay(): void
    {
        $this->signIn();
        self::assertSame(201, $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => 'old']));
        $this->clock->sleep(25 * 3600);
        self::assertSame(201, $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => 'new']));
        self::assertSame(2, $this->rows('remembered_answer'));
        self::getContainer()->get(Housekeeping::class)->round();
        self::assertSame(1, $this->rows('remembered_answer'));
        self::assertSame(201, $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => 'old']));
        self::assertSame(3, $this->rows('ticket'), 'after a day the key is a new one');
    }

    public function testALogThatHasGrownTooLongIsPutAsideAndGoesOnFromItsBeginning(): void
    {
        $folder = sys_get_temp_dir().'/kindheel-logs-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $server = fopen($folder.'/server.log', 'a');
        self::assertIsResource($server);
        fwrite($server, str_repeat("a line\n", 100));
        file_put_contents($folder.'/short.log', 'short');
        $logs = new LogFiles([$folder.'/*.log'], 500);
        self::assertSame([1, 0], [$logs->turn(), $logs->turn()]);
        fwrite($server, 'the next');
        self::assertSame(['the next', 700, 'short'], [
            file_get_contents($folder.'/server.log'), filesize($folder.'/server.log.1'), file_get_contents($folder.'/short.log'),
        ]);
        array_map(unlink(...), glob($folder.'/*') ?: []);
        rmdir($folder);
    }
}
