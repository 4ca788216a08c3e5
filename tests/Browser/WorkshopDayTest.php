<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** From the counter to the ledger, once by keyboard alone and once by mouse. */
#[Group('second-browser')]
final class WorkshopDayTest extends StoryTestCase
{
    public function testAPairIsTakenInLookedOverPlannedWorkedAndKeptByKeyboardAlone(): void
    {
        $this->go('/sign-in');
        $this->see('[name=login]');
        $this->isAccessible('sign-in');
        $this->type('ida', WebDriverKeys::TAB, 'lantern-ida', WebDriverKeys::ENTER);
        $this->seeText('The rack');
        $this->seeText('What stands large is');
        $this->isAccessible('what to try first');
        $this->tabTo('Let me begin');
        $this->type(WebDriverKeys::ENTER);
        $this->wait(fn (): ?bool => [] === $this->all('[aria-label="What to try first"]') ? true : null, 'what to try first goes away');
        $this->go('/');
        $this->seeText('The rack');
        self::assertSame([], $this->all('[aria-label="What to try first"]'), 'and stays away');

        $this->tabTo('Counter');
        $this->type(WebDriverKeys::ENTER);
        $this->seeText('New ticket');
        $this->isAccessible('counter');
        $this->tabTo('New ticket');
        $this->type(WebDriverKeys::ENTER);

        $this->see('[name=customer]');
        $this->isAccessible('new ticket');
        $this->wait(
            fn (): ?bool => 'customer' === $this->driver->switchTo()->activeElement()->getAttribute('name') ? true : null,
            'the cursor in the first field',
        );
        $this->type('Keyboard Kate');
        $this->tabTo('What do you call it?');
        $this->type('Kate’s derbies', WebDriverKeys::ENTER);
        $this->seeText('Choose a part on the drawing');

        $this->tabTo('left toe');
        $this->type(WebDriverKeys::ENTER);
        $this->seeText('toe is');
        $this->tabTo('Material: aniline');
        $this->type(WebDriverKeys::ENTER);
        $this->see('[role=listbox]');
        $this->type('pig', WebDriverKeys::ENTER);
        $this->see('[aria-label="Material: pigmented"]');
        $this->tabTo('Certainty: guess');
        $this->type(WebDriverKeys::ENTER);
        $this->see('[role=listbox]');
        $this->type('known', WebDriverKeys::ENTER);
        $this->see('[aria-label="Certainty: known"]');
        $this->tabTo('scuff');
        $this->type(WebDriverKeys::SPACE);
        $this->tabTo('length, mm');
        $this->type('14');
        $this->tabTo('Mark scuff');
        $this->type(WebDriverKeys::ENTER);
        $this->seeText('14 mm');
        $this->see('[aria-label="left toe: scuff"]');
        $this->isAccessible('look over');

        $this->tabTo('Make the plan');
        $this->type(WebDriverKeys::ENTER);
        $this->seeText('from first to last');
        $this->seeText('Take the laces and insoles out');
        $this->isAccessible('plan');
        $this->tabTo('Begin this step');
        $this->type(WebDriverKeys::ENTER);

        $this->seeText('of about 2 minutes');
        $this->isAccessible('bench');
        $this->type(WebDriverKeys::SPACE);
        $this->wait(fn (): ?bool => str_contains($this->text(), 'of about 2 minutes') ? null : true, 'the step ended');

        $id = $this->driver->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/tickets").then(r => r.json()).then(t => done(t.tickets.find(x => x.customer === "Keyboard '
                .'Kate").pieces[0].id))',
        );
        self::assertIsInt($id);
        $saidNotYet = false;
        $asleep = true;
        for ($i = 0; $i < 260; ++$i) {
            $state = $this->state($id);
            if ('ready' === $state['state']) {
                break;
            }
            $call = $this->call($id);
            if (null === $call) {
                $this->clock->forward(45);
                $asleep = true;
                continue;
            }
            if ($asleep) {
                $this->go('/bench');
                $this->seeText('The rack');
                $asleep = false;
            }
            // Whoever else is here sees to what calls.
            $this->quiet();
            $hand = $this->takeByArrow('Kate’s derbies');
            if (null === $hand) {
                $asleep = true;
                continue;
            }
            $this->clock->forward(str_contains($hand, 'of about') ? 3 : 0);
            $notYet = str_contains($hand, 'Gate test') && !$saidNotYet;
            $saidNotYet = $saidNotYet || $notYet;
            $this->type($notYet ? 'n' : WebDriverKeys::SPACE);
            if ($this->asksForARecord($id, $hand, $state)) {
                $this->type('No camera here.', WebDriverKeys::ENTER);
            }
            $this->wait(fn (): ?bool => $this->acted($id, $state) ? true : null, 'a key to act');
            $this->wait(fn (): ?bool => $this->hand() !== $hand ? true : null, 'the hand to follow');
        }
        self::assertTrue($saidNotYet);
        self::assertSame('ready', $this->state($id)['state']);
        $this->tabTo('Ledger');
        $this->type(WebDriverKeys::ENTER);
        $this->seeText('waits on the ready shelf');
        $this->seeText('not yet,');
        $this->noErrorsInTheConsole();
    }

    /** The words in the hand once the arrow keys have taken this piece; null when nothing of it calls. */
    private function takeByArrow(string $name): ?string
    {
        for ($press = 0; $press < 20; ++$press) {
            $this->painted();
            $hand = $this->hand();
            if (str_starts_with($hand, $name)) {
                return $hand;
            }
            $this->type(WebDriverKeys::ARROW_DOWN);
        }

        return null;
    }

    /** What the keys do is what the mouse does: with `--long`. */
    #[Group('long')]
    public function testTheSamePairByMouseThroughTheNightToTheLedger(): void
    {
        $this->signIn('ida');
        $this->says('Counter')->click();
        $this->says('New ticket')->click();
        $this->see('[name=customer]')->sendKeys('Mouse Maud');
        $this->see('[name=name]')->sendKeys('Maud’s loafers');
        $this->see('[aria-label="Kind: derby"]')->click();
        $this->says('loafer')->click();
        $this->see('[aria-label="Gloss: satin"]')->click();
        $this->says('matt')->click();
        $this->says('Open the ticket')->click();
        $this->seeText('Choose a part on the drawing');

        $this->says('The whole upper')->click();
        $this->see('[aria-label="Material: aniline"]')->click();
        $this->says('semi-aniline')->click();
        $this->see('[aria-label="Material: semi-aniline"]');
        $this->see('[aria-label="Certainty: guess"]')->click();
        $this->says('known')->click();
        $this->see('[aria-label="Certainty: known"]');
        $this->see('[data-half="right"][data-part="toe"]')->click();
        $this->says('scratch')->click();
        $this->says('first thing seen')->click();
        $this->see('[name=lengthMm]')->sendKeys('900');
        $this->says('Mark scratch')->click();
        $this->seeText('a finding on it cannot be longer');
        $this->typeOver('[name=lengthMm]', '30');
        $this->says('Mark scratch')->click();
        $this->seeText('scratch, first thing seen, 30 mm');
        $this->says('Make the plan')->click();
        $this->seeText('Take the insoles out');
        $id = (int) preg_replace('~.*/pieces/(\d+)/plan.*~', '$1', $this->driver->getCurrentURL());

        // The last step cannot be begun yet; going on all the same wants a word why.
        $this->says('Open all of it')->click();
        $this->says('Look at the pair a last time')->click();
        $this->says('Begin this step')->click();
        $this->seeText('is not done yet');
        $this->isAccessible('override');
        $this->says('Wait for it')->click();

        $this->says('Bench')->click();
        $this->seeText('Maud’s loafers');
        $sawADryingCoat = false;
        $saidNotYet = false;
        $asleep = true;
        for ($i = 0; $i < 260; ++$i) {
            $state = $this->state($id);
            if ('ready' === $state['state']) {
                break;
            }
            $call = $this->call($id);
            if (null === $call && $sawADryingCoat) {
                $this->clock->forward(45);
                $asleep = true;
                continue;
            }
            if (null === $call || $asleep) {
                $asleep = false;
                $this->go('/bench');
                $this->says('Maud’s loafers')->click();
                $this->painted();
            }
            $hand = $this->hand();
            if (!str_starts_with($hand, 'Maud’s loafers')) {
                $sawADryingCoat = $sawADryingCoat || str_contains($this->text(), 'flex');
                $this->clock->forward(45);
                $asleep = true;
                continue;
            }
            if (str_contains($hand, 'Gate test') && !$saidNotYet) {
                $this->says('Not yet')->click();
                $saidNotYet = true;
            } elseif (str_contains($hand, 'Gate test')) {
                $this->says('Passed')->click();
            } elseif (str_contains($hand, 'of about')) {
                $this->clock->forward(3);
                $this->says('Done')->click();
                if ($this->asksForARecord($id, $hand, $state)) {
                    $this->see('[name=why]')->sendKeys('No camera here.');
                    $this->says('Go on, and note it')->click();
                }
            } elseif (1 === preg_match('/(\S+ again)\s+Space/', $hand, $again)) {
                $this->says($again[1])->click();
            } else {
                $this->says('Start')->click();
            }
            $this->wait(fn (): ?bool => $this->state($id) !== $state || str_contains($this->text(), 'not be touched') ? true : null, 'something to change');
            $this->wait(fn (): ?bool => $this->hand() !== $hand || str_contains($this->text(), 'not be touched') ? true : null, 'the hand to follow');
        }
        self::assertSame('ready', $this->state($id)['state']);
        self::assertTrue($sawADryingCoat);

        $this->go('/ledger/'.$id);
        $this->seeText('Maud’s loafers');
        $this->seeText('waits on the ready shelf');
        $this->seeText('not yet,');
        $this->seeText('Ida');
        $this->seeText('°C');
        $this->isAccessible('ledger');
        $this->noErrorsInTheConsole();
    }

    public function testTheEveningLightIsAsReadableAndAWrongPasswordIsSaidInWords(): void
    {
        $this->go('/sign-in');
        $this->see('[name=login]')->sendKeys('tomas');
        $this->see('[name=password]')->sendKeys('wrong'.WebDriverKeys::ENTER);
        $this->seeText('Name and password do not belong together.');
        self::assertSame('tomas', $this->see('[name=login]')->getAttribute('value'), 'what was typed stays');
        $this->typeOver('[name=password]', 'lantern-tomas'.WebDriverKeys::ENTER);
        $this->seeText('The rack');
        $this->says('Tomas Bell')->click();
        $this->see('[aria-label="Evening light"]')->click();
        self::assertSame('evening', $this->driver->executeScript('return document.documentElement.dataset.light'));
        $piece = $this->driver->executeAsyncScript('const done = arguments[0]; fetch("/api/bench").then(r => r.json()).then(b => done(b.rack[0].piece))');
        self::assertIsInt($piece);
        $ticket = $this->driver->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/tickets?state=ready").then(r => r.json()).then(t => done(t.tickets[0].id))',
        );
        self::assertIsInt($ticket);
        $pages = [
            '/bench', '/counter', '/counter?state=ready', "/tickets/$ticket/leaving", "/tickets/$ticket/correct",
            '/counter/new', '/ledger', '/pieces/'.$piece, '/pieces/'.$piece.'/plan',
        ];
        foreach ($pages as $path) {
            $this->go($path);
            $this->see('h1');
            $this->painted();
            $this->isAccessible($path.' in the evening');
        }
    }

    /**
     * Whether what was ended asks for pictures or a colour first.
     *
     * @param array{state: string, rest: string} $state before it was ended
     */
    private function asksForARecord(int $id, string $hand, array $state): bool
    {
        if (!str_contains($hand, 'of about')) {
            return false;
        }
        $asks = fn (): bool => str_contains($this->text(), 'If you go on all the same');
        $this->wait(fn (): ?bool => $asks() || $this->acted($id, $state) ? true : null, 'an answer to the end of a step');

        return $asks();
    }

    /**
     * Whether a press has done something. Where something began to call in that very moment it did not: then it is seen to, and the key is pressed once more.
     *
     * @param array{state: string, rest: string} $state before it
     */
    private function acted(int $id, array $state): bool
    {
        if ($this->state($id) === $state && [] !== $this->all('[role=alert][aria-label=Alarm]')) {
            $this->settled();
            if ($this->state($id) === $state) {
                $this->type(WebDriverKeys::SPACE);
            }
        }

        return $this->state($id) !== $state;
    }

    private function hand(): string
    {
        return $this->see('[aria-label="In the hand"]')->getText();
    }

    /** How pressing the piece calls for hands; null when nothing of it does. */
    private function call(int $id): ?string
    {
        $found = $this->driver->executeAsyncScript(
            'const [id, done] = arguments; fetch("/api/bench").then(r => r.json()).then(b => done(b.calls.find(c => c.step.piece === id)?.urgency ?? null))',
            [$id],
        );

        return \is_string($found) ? $found : null;
    }

    /** @return array{state: string, rest: string} what the server knows of a piece, and of its steps */
    private function state(int $id): array
    {
        $found = $this->driver->executeAsyncScript(
            'const [id, done] = arguments; fetch(`/api/pieces/${id}/plan`).then(r => r.json()).then(p => done({state: p.state, rest: p.steps.map(s '
                .'=> s.version).join()}))',
            [$id],
        );
        self::assertIsArray($found);

        return ['state' => \is_string($found['state']) ? $found['state'] : '', 'rest' => \is_string($found['rest']) ? $found['rest'] : ''];
    }
}
