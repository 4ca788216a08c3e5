<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Requests that really arrive at the same moment, against the servers as they are shipped. */
#[Group('second-browser')]
final class TwoTabletsTest extends StoryTestCase
{
    public function testOfTwoTabletsThatEndAStepTogetherOneIsToldAndARetryIsAnsweredAlike(): void
    {
        $this->signIn('ida');
        [$startStatuses, $endStatuses, $ledger] = $this->together();
        self::assertSame([200, 200, 200, 200], $startStatuses, 'one request, asked four times');
        self::assertSame([200, 409, 409, 409], $endStatuses, 'four requests, of which one may act');
        self::assertEquals(['started' => 1, 'done' => 1], $ledger);
    }

    /** @return array{list<int>, list<int>, array<string, int>} */
    private function together(): array
    {
        $found = $this->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0]
            ;(async () => {
                const session = await (await fetch('/api/session')).json()
                const headers = {'Content-Type': 'application/json', 'X-CSRF-Token': session.csrfToken}
                const sent = (body, key) => ({method: 'POST', body: JSON.stringify(body), headers: {...headers, 'Idempotency-Key': key}})
                const send = (path, body, key) => fetch('/api' + path, sent(body, key))
                const promisedAt = new Date(Date.parse(session.now) + 9e8).toISOString().slice(0, 16)
                const pieces = [{name: 'A pair for two', kind: 'low-shoe/derby', sizeEu: 41, aim: 'keep'}]
                const ticket = await (await send('/tickets', {customer: 'Two tablets', promisedAt, pieces}, 't')).json()
                const id = ticket.pieces[0].id
                const plan = await (await send(`/pieces/${id}/plan`, {version: 1}, 'p')).json()
                const step = plan.steps[0]
                const starts = await Promise.all([1, 2, 3, 4].map(() => send(`/steps/${step.id}/start`, {version: step.version}, 'same')))
                const ends = await Promise.all([1, 2, 3, 4].map((i) => send(`/steps/${step.id}/done`, {version: step.version + 1}, 'end' + i)))
                const entries = (await (await fetch(`/api/ledger/${id}`)).json()).entries
                const count = (event) => entries.filter((e) => e.event === event).length
                done([starts.map((r) => r.status).sort(), ends.map((r) => r.status).sort(), {started: count('started'), done: count('done')}])
            })().catch((e) => done(String(e)))
            JS);
        self::assertIsArray($found, json_encode($found, \JSON_THROW_ON_ERROR));
        /** @var array{list<int>, list<int>, array<string, int>} $found */

        return $found;
    }
}
