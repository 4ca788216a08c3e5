<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** Alarms, windows that are missed, and a bench that goes on when its computer is out of reach. */
#[Group('second-browser')]
final class TimeTest extends StoryTestCase
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

    /** A pigmented pair, looked over and planned. */
    private function piece(string $name, string $aim): int
    {
        $id = $this->driver->executeAsyncScript(
            self::API.<<<'JS'
                const places = ['left', 'right'].flatMap((half) => ['toe', 'vamp', 'quarter'].map((part) => ({part, half})))
                const promisedAt = new Date(Date.parse(session.now) + 9e8).toISOString().slice(0, 16)
                const pieces = [{name: args[0], kind: 'low-shoe/derby', sizeEu: 41, aim: args[1]}]
                const ticket = await send('POST', '/tickets', {customer: 'Time will tell', promisedAt, pieces})
                const id = ticket.pieces[0].id
                let piece = await send('PUT', `/pieces/${id}/parts`, {version: 1, places, material: 'pigmented', certainty: 'known'})
                const findings = [{kind: 'scuff', severity: 4, lengthMm: 80, widthMm: 40}]
                piece = await send('POST', `/pieces/${id}/findings`, {version: piece.version, places: [{part: 'toe', half: 'left'}], findings})
                await send('POST', `/pieces/${id}/plan`, {version: piece.version})
                done(id)
                })().catch((e) => done(String(e)))
                JS
            ,
            [$name, $aim],
        );
        self::assertIsInt($id, json_encode($id, \JSON_THROW_ON_ERROR));

        return $id;
    }

    /** Works a piece until a step with this title calls, or is done itself. */
    private function workUntil(int $id, string $title, bool $itself = false): void
    {
        for ($i = 0; $i < 150; ++$i) {
            $acted = $this->act($id, $itself ? '' : $title);
            if (null === $acted) {
                $this->clock->forward(10);
            } elseif (str_contains($acted, $title) && ($itself ? str_starts_with($acted, 'done') : str_starts_with($acted, 'at'))) {
                return;
            }
        }
        self::fail('There was never a step “'.$title.'”.');
    }

    /** Does the next thing that calls at a piece; answers what it was, null when nothing called. */
    private function act(int $id, string $stopAt = ''): ?string
    {
        $acted = $this->driver->executeAsyncScript(self::API.<<<'JS'
            const bench = await get('/bench')
            const call = bench.calls.find((c) => c.step.piece === args[0])
            if (!call) {
                return done(null)
            }
            const step = call.step
            if (args[1] !== '' && step.title.includes(args[1])) {
                return done(`at ${step.title}`)
            }
            if (call.urgency === 'test') {
                await send('POST', `/steps/${step.id}/gate`, {version: step.version, answer: 'passed'})
                return done(`test ${step.title}`)
            }
            if (call.urgency === 'running') {
                await send('POST', `/steps/${step.id}/done`, {version: step.version, why: 'seen to'})
                return done(`done ${step.title}`)
            }
            await send('POST', `/steps/${step.id}/start`, {version: step.version})
            done(`start ${step.title}`)
            })().catch((e) => done('error ' + e))
            JS, [$id, $stopAt]);

        return \is_string($acted) ? $acted : null;
    }

    private function hand(): string
    {
        return $this->see('[aria-label="In the hand"]')->getText();
    }

    private const API = <<<'JS'
        const args = [...arguments]
        const done = args.pop()
        ;(async () => {
        const session = await (await fetch('/api/session')).json()
        const get = async (path) => (await fetch('/api' + path)).json()
        const send = async (method, path, body) => {
            const headers = {'Content-Type': 'application/json', 'X-CSRF-Token': session.csrfToken, 'Idempotency-Key': crypto.randomUUID()}
            const answer = await fetch('/api' + path, {method, body: JSON.stringify(body), headers})
            const json = await answer.json()
            if (!answer.ok) { throw new Error(path + ': ' + json.detail) }
            return json
        }

        JS;
}
