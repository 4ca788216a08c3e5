<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

/** A story at the bench, with pieces of its own on it and hands that work them. */
abstract class BenchStoryTestCase extends StoryTestCase
{
    protected const API = <<<'JS'
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

    /** A pigmented pair, looked over and planned. */
    protected function piece(string $name, string $aim): int
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
    protected function workUntil(int $id, string $title, bool $itself = false): void
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
    protected function act(int $id, string $stopAt = ''): ?string
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

    protected function hand(): string
    {
        return $this->see('[aria-label="In the hand"]')->getText();
    }
}
