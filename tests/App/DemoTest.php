<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\ThermoHygrometer;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Bench\LateView;
use KindHeel\App\Clock\WorkshopClock;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Row;
use KindHeel\App\Demo\DemoCommand;
use KindHeel\App\Demo\DemoHands;
use KindHeel\App\Demo\DemoLoader;
use KindHeel\App\Demo\DemoMorning;
use KindHeel\App\Demo\DemoScene;
use KindHeel\App\Demo\DemoVisitors;
use KindHeel\App\Demo\LanternPlayers;
use KindHeel\App\Demo\TimeLapse;
use KindHeel\App\Drying\RecordAir;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Workshop\WorkshopView;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\Planning\Planner;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Tester\CommandTester;

/** What the demo is made of. */
final class DemoTest extends ApiTestCase
{
    private const CLOCK = '/tmp/kindheel-demo-clock';

    public function testEveryPieceOfTheDemoIsPlannedSoundly(): void
    {
        $planned = 0;
        $this->signIn('ida');
        foreach (LanternPlayers::tickets() as $demo) {
            foreach ($demo->pieces as $piece) {
                $ticket = $this->must(
                    TicketView::class,
                    'POST',
                    '/api/tickets',
                    [
                        'customer' => $demo->customer,
                        'contact' => $demo->contact,
                        'wish' => $demo->wish,
                        'promisedAt' => '2026-03-09T18:00',
                        'pieces' => [
                            [
                                'name' => $piece->name,
                                'kind' => $piece->kind->value,
                                'sizeEu' => $piece->sizeEu,
                                'aim' => $piece->aim->value,
                                'gloss' => $piece->gloss->value,
                                'shade' => $piece->shade->value,
                            ],
                        ],
                    ],
                    201,
                );
                $id = $ticket->pieces[0]->id;
                foreach ($piece->findings as [$half, $part, $kind, $severity]) {
                    $version = $this->must(PieceView::class, 'GET', "/api/pieces/$id")->version;
                    $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", self::found($version, [
                        'half' => $half,
                        'part' => $part,
                        'kind' => $kind,
                        'severity' => $severity,
                    ]));
                }
                $stored = self::getContainer()->get(EntityManagerInterface::class)->find(StoredPiece::class, $id);
                self::assertNotNull($stored);
                $plan = Planner::plan($stored->toCore(), Air::reference());
                self::assertSame([], Checker::standard()->check($stored->toCore(), $plan->order()), $piece->name);
                $planned += [] === $plan->steps ? 0 : 1;
            }
        }
        self::assertSame(20, $planned, 'all but the brittle pair and the suit after its crash');
    }

    public function testHandsKeepTheirHoursAndTakeAMomentToGoOnWithAnotherPieceWhichIsLearned(): void
    {
        $this->signIn('ida');
        foreach (['2026-03-20T12:00', '2026-03-21T12:00', '2026-03-22T12:00', '2026-03-23T12:00'] as $promisedAt) {
            $this->plannedPair($promisedAt);
        }
        $until = $this->clock->now()->modify('+7 hours');
        self::getContainer()->get(DemoHands::class)
            ->stretch(['tomas', 'wren'], $this->clock, $this->clock->now(), $until, $until, static fn (\DateTimeImmutable $at): null => null);
        $at = [];
        $went = 0;
        foreach (Row::all(
            $this->connection(),
            "SELECT piece_id, started_by_id, UNIX_TIMESTAMP(started_at) AS begun, UNIX_TIMESTAMP(ended_at) AS ended FROM plan_step
             WHERE status = 'done' AND started_by_id IS NOT NULL AND worked_seconds = 0 ORDER BY started_at, id",
        ) as $step) {
            [$piece, $until] = $at[$step->int('started_by_id')] ?? [$step->int('piece_id'), 0];
            if ($piece !== $step->int('piece_id')) {
                ++$went;
                self::assertGreaterThanOrEqual($until + 60, $step->int('begun'), "from piece $piece to piece {$step->int('piece_id')}");
            }
            $at[$step->int('started_by_id')] = [$step->int('piece_id'), $step->int('ended')];
            $hour = (new \DateTimeImmutable('@'.$step->int('begun')))->setTimezone(new \DateTimeZone('Europe/Vienna'))->format('H:i');
            self::assertTrue('09:00' <= $hour && $hour < '12:30' || '13:15' <= $hour && $hour < '17:30', "nobody is here at $hour");
        }
        self::assertGreaterThan(8, $went);
        $workshop = $this->must(WorkshopView::class, 'GET', '/api/workshop');
        self::assertEqualsWithDelta($workshop->switchMinutes, (int) $workshop->switchSeen, 1.0);
    }

    public function testTheDemoOnlyLoadsIntoAnEmptyDatabase(): void
    {
        $tester = $this->load(demo: true);
        self::assertStringContainsString('stays as it is', $tester->getDisplay());
        self::assertSame(0, $this->rows('ticket'));
    }

    public function testItOpensOnAWorkingDayAtTwentyPastTenWhateverTheHour(): void
    {
        $vienna = new \DateTimeZone('Europe/Vienna');
        $opens = static fn (string $now): string => DemoMorning::ofToday(new \DateTimeImmutable($now), $vienna)->format('D H:i d');
        self::assertSame('Tue 10:20 03', $opens('2026-03-03T02:40:00+01:00'));
        self::assertSame('Tue 10:20 03', $opens('2026-03-03T22:40:00+01:00'));
        self::assertSame('Wed 10:20 04', $opens('2026-03-03T23:40:00+00:00'), 'it is the fourth already in Vienna');
        self::assertSame('Mon 10:20 09', $opens('2026-03-08T12:00:00+01:00'), 'shut on a Sunday');
        $next = static fn (string $now): string => DemoMorning::after(new \DateTimeImmutable($now), $vienna)->format('D H:i d');
        self::assertSame('Tue 10:20 03', $next('2026-03-03T05:00:00+01:00'));
        self::assertSame('Mon 10:20 09', $next('2026-03-07T18:00:00+01:00'));
        self::assertSame('Mon 10:20 09', $next('2026-03-08T18:00:00+01:00'));
    }

    public function testADemoThatIsStartedInTheNightWakesInTheMorningAndOneThatIsOpenGoesOn(): void
    {
        $real = Clock::get();
        try {
            Clock::set(new MockClock('2026-03-03T23:00:00+01:00'));
            file_put_contents(self::CLOCK, '0');
            self::assertStringContainsString('gone by', $this->load(demo: true)->getDisplay());
            self::assertSame((11 * 60 + 20) * 60, (int) file_get_contents(self::CLOCK));
            Clock::set(new MockClock('2026-03-03T11:00:00+01:00'));
            file_put_contents(self::CLOCK, '0');
            self::assertStringNotContainsString('gone by', $this->load(demo: true)->getDisplay());
            self::assertSame('0', file_get_contents(self::CLOCK));
        } finally {
            Clock::set($real);
            @unlink(self::CLOCK);
        }
    }

    public function testAWorkshopOfItsOwnIsNeverFilledWithTheDemosPeople(): void
    {
        $this->connection()->executeStatement('SET FOREIGN_KEY_CHECKS = 0');
        $this->connection()->executeStatement('DELETE FROM person');
        foreach ([[], ['--fresh' => true]] as $words) {
            $tester = $this->load(demo: false, words: $words);
            self::assertSame(1, $tester->getStatusCode());
            self::assertStringContainsString('a workshop of somebody’s own', $tester->getDisplay());
        }
        self::assertSame(0, $this->rows('person'));
    }

    public function testWhoOpensItFindsAStepInTheHandAndAPromiseInDanger(): void
    {
        $this->signIn('ida');
        $id = $this->plannedPair('2026-03-20T12:00');
        $bench = fn (): BenchView => $this->must(BenchView::class, 'GET', '/api/bench');
        self::assertSame([[], []], [$bench()->late, $bench()->rack[0]->atWork]);
        $scene = self::getContainer()->get(DemoScene::class);
        self::assertTrue($scene->takeUp($this->clock->now()));
        $scene->promiseTooSoon($this->clock->now(), $bench()->rack[0]->name);
        $now = $bench();
        self::assertSame(['Tomas'], $now->rack[0]->atWork);
        self::assertSame([$id], array_map(static fn (LateView $l): int => $l->piece, $now->late));
        self::assertGreaterThan($this->clock->now()->getTimestamp(), strtotime($now->late[0]->promisedAt), 'it can still be talked about');
    }

    public function testPeopleComeAndFetchWhileTimeGoesByAndTheSameHourBringsTheSame(): void
    {
        $visitors = self::getContainer()->get(DemoVisitors::class);
        $day = function () use ($visitors): array {
            $this->clock->modify('2026-03-04T09:00:00Z');
            $before = $this->rows('ticket');
            for ($half = 0; $half < 16; ++$half) {
                $visitors->come();
                $this->clock->sleep(1800);
            }

            return \array_slice(Row::all(
                $this->connection(),
                'SELECT p.name, p.kind, p.planned_from, t.promised, t.customer FROM piece p JOIN ticket t ON t.id = p.ticket_id ORDER BY t.id',
            ), $before);
        };
        $came = $day();
        self::assertGreaterThan(1, \count($came), 'in a day somebody came');
        self::assertLessThan(14, \count($came), 'and not in each half-hour');
        foreach ($came as $piece) {
            self::assertNotNull($piece->intOrNull('planned_from'), 'it was planned at once');
            self::assertTrue($piece->flag('promised'), 'for a day that was said');
        }
        $who = static fn (Row $p): string => $p->text('customer').', '.$p->text('name').', '.$p->text('kind');
        self::assertSame(array_map($who, $came), array_map($who, $day()));
        $this->connection()->executeStatement('UPDATE piece SET finished_at = ?', ['2026-03-02 09:00:00']);
        $waiting = fn (): int => Row::all(
            $this->connection(),
            'SELECT COUNT(*) AS n FROM piece WHERE collected_at IS NULL AND finished_at IS NOT NULL',
        )[0]->int('n');
        for ($half = 0; $half < 60 && $waiting() > 0; ++$half) {
            $visitors->come();
            $this->clock->sleep(1800);
        }
        self::assertSame(0, $waiting(), 'what is done is fetched, with all that came off it');
    }

    /** @param array<string, mixed> $words */
    private function load(bool $demo, array $words = []): CommandTester
    {
        $container = self::getContainer();
        $clock = new WorkshopClock(self::CLOCK, $demo);
        $command = new Command('demo:load');
        $command->setCode(new DemoCommand(
            $container->get(DemoLoader::class),
            $container->get(DemoScene::class),
            new TimeLapse(
                $clock,
                $container->get(DemoHands::class),
                $container->get(DemoVisitors::class),
                $container->get(RecordAir::class),
                $container->get(ThermoHygrometer::class),
                $container->get(EventDispatcherInterface::class),
                'Europe/Vienna',
            ),
            $clock,
            $this->connection(),
            'Europe/Vienna',
        ));
        $tester = new CommandTester($command);
        $tester->execute($words);

        return $tester;
    }

    public function testNobodyOfTheDemoIsReal(): void
    {
        $names = [];
        foreach (LanternPlayers::tickets() as $ticket) {
            self::assertNotSame([], $ticket->pieces);
            self::assertGreaterThan(0.0, $ticket->daysAhead, 'promised for a time to come');
            self::assertGreaterThan(0.0, $ticket->daysAgo);
            foreach ($ticket->pieces as $piece) {
                $names[] = $piece->name;
            }
        }
        self::assertCount(22, $names);
        $families = array_unique(
            array_merge(...array_map(static fn ($t) => array_map(static fn ($p): string => $p->kind->family()->value, $t->pieces), LanternPlayers::tickets())),
        );
        self::assertCount(7, $families, 'the whole range comes over the counter');
        self::assertSame($names, array_values(array_unique($names)));
        self::assertGreaterThanOrEqual(8, \count(LanternPlayers::tickets()));
    }
}
