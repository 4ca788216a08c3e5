<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** A plan is made, a school switched, a step changed by hand, broken, mended, gone over, and the card printed. */
#[Group('second-browser')]
final class PlanningTest extends StoryTestCase
{
    public function testTheRestorerMakesThePlanHerOwn(): void
    {
        $this->signIn();
        $id = $this->takeIn();
        $this->go("/pieces/$id/plan");
        $this->says('Make the plan')->click();
        $this->seeText('from first to last');
        $this->says('Open all of it')->click();
        $this->seeText('Wipe with a barely damp cloth');
        $this->isAccessible('plan');

        $this->says('Schools')->click();
        $this->seeText('Only then:');
        $this->seeText('Brush only, unless something caustic or sticky is on it');
        $this->isAccessible('schools');
        $this->says('Do it this way')->click();
        $this->wait(fn (): ?bool => $this->taken(), 'the other side to be taken');
        $this->says('Back to the plan')->click();
        $this->wait(fn (): ?bool => str_contains($this->text(), 'Wipe with a barely damp cloth 4') ? null : true, 'the damp cloth to be gone');
        $this->seeText('No longer: wipe with a barely damp cloth');

        $this->says('Change by hand')->click();
        $this->says('Brush the dust off, dry')->click();
        $this->says('Leave it out')->click();
        $this->seeText('would do harm or fail');
        $this->isAccessible('a plan with a stop');
        for ($stops = \count($this->all('ol .stop')); $stops > 0; $stops = \count($this->all('ol .stop'))) {
            $this->says('would do harm or fail')->click();
            $this->says('Mend it')->click();
            $this->wait(fn (): ?bool => \count($this->all('ol .stop')) < $stops ? true : null, 'a stop to go');
        }
        self::assertStringNotContainsString('would do harm or fail', $this->text());

        $this->says('Brush the dust off, dry')->click();
        $this->says('Leave it out')->click();
        $this->says('would do harm or fail')->click();
        $this->says('Do it all the same')->click();
        $this->see('[name=reason]')->sendKeys('Blown off outside.');
        $this->says('Keep it, and note why')->click();
        $this->seeText('Gone over all the same: Blown off outside.');

        $this->says('Put a step in before it')->click();
        $this->seeText('A step of your own');
        $this->isAccessible('a step of your own');
        $this->says('Put it in')->click();
        $this->seeText('Put in by Tomas Bell.');

        $this->says('Bench card')->click();
        $this->seeText('Lay out');
        $this->seeText('The maker’s label and local rules come first.');
        $this->isAccessible('bench card');
        $this->noErrorsInTheConsole();
    }

    private function taken(): ?bool
    {
        $sides = $this->driver->executeScript('return [...document.querySelectorAll("article")].findIndex(a => a.innerText.includes("The plan as it stands"))');

        return 1 === $sides ? true : null;
    }

    /** A pair of smooth derbies on a ticket of their own. */
    private function takeIn(): int
    {
        $id = $this->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            (async () => {
              const { csrfToken: token, now } = await (await fetch('/api/session')).json();
              const headers = { 'Content-Type': 'application/json', 'X-CSRF-Token': token };
              const send = async (method, path, body) => (await fetch('/api' + path, { method, headers: { ...headers,
                  'Idempotency-Key': crypto.randomUUID() }, body: JSON.stringify(body) })).json();
              const promisedAt = new Date(Date.parse(now) + 40 * 864e5).toISOString().slice(0, 16);
              const pieces = [{ kind: 'low-shoe/derby', aim: 'freshen', name: 'Nadia’s derbies', sizeEu: 40, shade: 'oxblood' }];
              const ticket = await send('POST', '/tickets', { customer: 'Nadia Plan', contact: '', wish: '', promisedAt, pieces });
              const id = ticket.pieces[0].id;
              const parts = ['toe', 'vamp', 'quarter', 'counter', 'tongue', 'facing', 'topline'];
              const places = ['left', 'right'].flatMap(half => parts.map(part => ({ half, part })));
              const piece = await send('PUT', `/pieces/${id}/parts`, { version: 1, places, material: 'pigmented', certainty: 'known' });
              const findings = [{ kind: 'scuff', severity: 2 }];
              await send('POST', `/pieces/${id}/findings`, { version: piece.version, places: [{ part: 'vamp', half: 'left' }], findings });
              done(id);
            })().catch(e => done(String(e)));
            JS);
        self::assertIsInt($id, (string) json_encode($id));

        return $id;
    }
}
