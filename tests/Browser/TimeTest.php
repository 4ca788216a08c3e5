<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** Alarms, windows that are missed, and a bench that goes on when its computer is out of reach. */
#[Group('second-browser')]
final class TimeTest extends BenchStoryTestCase
{
    public function testAnAlarmIsLargeIsPutOffRingsAgainAndNeverTwiceForOneThing(): void
    {
        $this->signIn('ida');
        $id = $this->piece('The alarmed pair', 'keep');
        $this->workUntil($id, 'Wipe', itself: true);
        $this->go('/bench');
        $this->seeText('The alarmed pair');
        // What this device has missed so far is no news to it.
        $this->looks();
        $this->type('c');
        $this->clock->forward(14);
        $alarm = $this->see('[role=alert][aria-label=Alarm]');
        self::assertGreaterThan(290, $alarm->getSize()->getHeight(), 'it is seen from another room');
        self::assertMatchesRegularExpression('/Time to test|May begin:/', $alarm->getText(), 'it says what to do');
        $this->isAccessible('alarm');
        $this->type('z');
        $this->wait(fn (): ?bool => [] === $this->all('[role=alert][aria-label=Alarm]') ? true : null, 'quiet');
        $this->clock->forward(6);
        $this->see('[role=alert][aria-label=Alarm]');
        $this->type('c');
        $this->wait(fn (): ?bool => [] === $this->all('[role=alert][aria-label=Alarm]') ? true : null, 'quiet');
        $this->go('/bench');
        $this->seeText('The alarmed pair');
        $this->looks();
        self::assertSame([], $this->all('[role=alert][aria-label=Alarm]'), 'once is enough, over a reload too');
        $this->noErrorsInTheConsole();
    }

    public function testTwoPairsAreWorkedSideBySideAndAMissedWindowIsKeyedByItself(): void
    {
        $this->signIn('ida');
        $one = $this->piece('The first of two', 'restore');
        $other = $this->piece('The second of two', 'restore');
        $this->workUntil($one, 'Wipe', itself: true);
        self::assertContains($this->act($other), ['start Take the laces and insoles out'], 'while one dries the other is begun');
        $this->workUntil($other, 'Put the tree in');
        $this->workUntil($one, 'Paint', itself: true);
        $this->clock->forward(2 * 1440);
        $this->go('/bench');
        $this->seeText('The first of two');
        $this->go("/pieces/$one/plan");
        $this->says('Open all of it')->click();
        $this->seeText('Key the surface');
        $this->noErrorsInTheConsole();
    }

    public function testWhatIsDoneOutOfReachIsSentOnceInOrderWhenTheComputerIsBack(): void
    {
        $this->signIn('ida');
        $id = $this->piece('The pair out of reach', 'keep');
        $this->go('/bench');
        $this->seeText('The pair out of reach');
        for ($press = 0; $press < 30 && !str_starts_with($this->hand(), 'The pair out of reach'); ++$press) {
            $this->type(WebDriverKeys::ARROW_DOWN);
            $this->painted();
        }
        self::assertStringStartsWith('The pair out of reach', $this->hand());
        self::assertStringContainsString('Take the laces and insoles out', $this->hand());
        $this->network(false);
        $this->type(WebDriverKeys::SPACE);
        $this->seeText('kept here (1)');
        $this->wait(fn (): ?bool => str_contains($this->hand(), 'of about') ? true : null, 'the step under way');
        $this->type(WebDriverKeys::SPACE);
        $this->seeText('kept here (2)');
        $this->network(true);
        $this->wait(fn (): ?bool => str_contains($this->text(), 'out of reach') && str_contains($this->text(), 'kept here') ? null : true, 'sent');
        /** @var array{entries: list<array{event: string}>} $ledger */
        $ledger = $this->driver->executeAsyncScript('const done = arguments[1]; fetch("/api/ledger/" + arguments[0]).then(r => r.json()).then(done)', [$id]);
        $events = array_count_values(array_column($ledger['entries'], 'event'));
        self::assertSame([1, 1], [$events['started'] ?? 0, $events['done'] ?? 0]);
        self::assertStringNotContainsString('was not taken in', $this->text());
    }

    public function testADeviceWhoseClockIsPutBackKeepsTheWorkshopsTimeThoughItIsOutOfReach(): void
    {
        $this->signIn('ida');
        $shown = fn (): int => 1 === preg_match('/Demo: .*?, (\d\d):(\d\d)/', $this->text(), $found)
            ? 60 * (int) $found[1] + (int) $found[2]
            : self::fail('No time is shown.');
        $this->seeText('Demo: ');
        $before = $shown();
        $this->network(false);
        $this->driver->executeScript('const real = Date.now.bind(Date); Date.now = () => real() - 3 * 3600000');
        // Time that goes by: there is nothing else to wait for.
        usleep(3_500_000);
        self::assertContains($shown() - $before, [0, 1, -1439]);
        $this->network(true);
        $this->looks();
        self::assertContains($shown() - $before, [0, 1, -1439], 'and when the workshop’s computer is back');
    }

    public function testTheDemosHoursGoByInAMomentWhileTheOthersWork(): void
    {
        $this->signIn('ida');
        $done = fn (): int => (int) array_sum(array_map(static fn (array $p): int => $p['stepsDone'], $this->bench()['rack']));
        [$before, $at] = [$done(), $this->bench()['now']];
        // By now it may be night, or Sunday.
        for ($hours = 4; $hours <= 72 && $before === $done(); $hours += 4) {
            $this->says('4 hours on')->click();
            $this->wait(fn (): ?bool => strtotime($this->bench()['now']) - strtotime($at) >= $hours * 3600 ? true : null, 'four hours');
        }
        self::assertNotSame($before, $done(), 'somebody has worked');
        $this->isAccessible('bench of the demo');
        $this->noErrorsInTheConsole();
    }

    /** @return array{now: string, rack: list<array{stepsDone: int}>} */
    private function bench(): array
    {
        /** @var array{now: string, rack: list<array{stepsDone: int}>} $bench */
        $bench = $this->driver->executeAsyncScript('const done = arguments[0]; fetch("/api/bench").then(r => r.json()).then(done)');

        return $bench;
    }
}
