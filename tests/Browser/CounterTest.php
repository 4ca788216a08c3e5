<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** A piece is taken in by somebody who has no time: keys and taps are counted, names are not. */
final class CounterTest extends StoryTestCase
{
    private int $counted = 0;

    public function testAKnownOwnersUsualPairWithTwoFindingsIsPlannedInTwentyFiveKeys(): void
    {
        $this->knownOwner('Petra Quill', 'Petra’s brogues');
        $this->go('/counter');
        $this->seeText('New ticket');
        $this->press('n');
        $this->atField('customer');
        $this->write('Pet');
        $this->see('[role=option]');
        $this->press(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ENTER);
        $this->atText('Petra’s brogues');
        $this->press(WebDriverKeys::ENTER);
        $this->atText('Clean and feed');
        // No usual job this time: on to the ticket.
        $this->openLookOverAndPlan('1', '2', '-');
        $this->seeText('no day promised yet');
        self::assertLessThanOrEqual(25, $this->counted, 'keys beside names');
        $this->noErrorsInTheConsole();
    }

    public function testANewOwnersPairIsPlannedInFortyKeys(): void
    {
        $this->signIn('ida');
        $this->go('/counter');
        $this->seeText('New ticket');
        $this->press('n');
        $this->atField('customer');
        $this->write('Somebody New');
        $this->press(WebDriverKeys::TAB);
        $this->write('0699 000 111');
        $this->press(WebDriverKeys::TAB, WebDriverKeys::TAB);
        $this->atField('name');
        $this->write('Their boots');
        $this->press(WebDriverKeys::TAB, WebDriverKeys::ENTER);
        $this->see('[role=listbox]');
        $this->press('b', 'o', 'o', WebDriverKeys::ENTER);
        $this->see('[aria-label="Family: boots"]');
        $this->openLookOverAndPlan('1', '2');
        self::assertLessThanOrEqual(40, $this->counted, 'keys beside names');
    }

    public function testAUsualJobIsPlannedInThreeTapsAndItsDayPromised(): void
    {
        $this->knownOwner('Rufus Lamp', 'Rufus’ oxfords');
        $this->go('/counter/new');
        $this->atField('customer');
        $this->write('Ruf');
        $this->tap($this->see('[role=option]'));
        $this->says('Rufus’ oxfords')->click();
        $taps = $this->counted = 0;
        $this->says('Polish')->click();
        $this->says('Open the ticket and plan it')->click();
        $taps += 2;
        $this->seeText('from first to last');
        self::assertLessThanOrEqual(3, $taps);
        $this->says('Open all of it')->click();
        $this->seeText('Lay chestnut wax polish');
        $this->isAccessible('plan of a usual job');
        $this->says('Promise a day')->click();
        $this->seeText('No day is promised yet');
        $this->see('button.do:enabled')->click();
        $this->seeText('Written.');
        $this->go('/counter/new');
        $this->see('main form');
        $this->isAccessible('a new ticket');
        $this->noErrorsInTheConsole();
    }

    /** From the form to the plan, with the same findings on all of the outside. */
    private function openLookOverAndPlan(string ...$found): void
    {
        do {
            $this->press(WebDriverKeys::TAB);
        } while (!str_contains($this->driver->switchTo()->activeElement()->getText(), 'Open the ticket'));
        $this->press(WebDriverKeys::ENTER);
        $this->seeText('Choose a part on the drawing');
        $this->press('w');
        $this->seeText('Something is wrong');
        $this->press(...[...$found, WebDriverKeys::ENTER]);
        $this->seeText('on the toe');
        $this->press('p');
        $this->seeText('from first to last');
    }

    /** Somebody who was here once. */
    private function knownOwner(string $name, string $piece): void
    {
        $this->signIn('ida');
        $this->driver->executeAsyncScript(<<<'JS'
            const [name, piece, done] = arguments
            fetch('/api/session').then((s) => s.json()).then(async ({csrfToken}) => {
                await fetch('/api/intake', {method: 'POST', headers: {
                    'Content-Type': 'application/json', 'X-CSRF-Token': csrfToken, 'Idempotency-Key': crypto.randomUUID(),
                }, body: JSON.stringify({ticket: {customer: name, contact: '0699 77', pieces: [
                    {name: piece, kind: 'low-shoe/brogue', sizeEu: 43, aim: 'freshen'},
                ]}})})
            }).then(done, done)
            JS, [$name, $piece]);
    }

    private function press(string ...$keys): void
    {
        $this->counted += \count($keys);
        $this->type(...$keys);
    }

    /** What has to be typed anyhow. */
    private function write(string $letters): void
    {
        $this->type($letters);
    }

    private function tap(\Facebook\WebDriver\WebDriverElement $at): void
    {
        $this->driver->executeScript('arguments[0].dispatchEvent(new MouseEvent("mousedown", {bubbles: true, cancelable: true}))', [$at]);
    }

    private function atField(string $name): void
    {
        $this->wait(fn (): ?bool => $name === $this->driver->switchTo()->activeElement()->getAttribute('name') ? true : null, 'the cursor in '.$name);
    }

    private function atText(string $text): void
    {
        $this->wait(fn (): ?bool => str_contains($this->driver->switchTo()->activeElement()->getText(), $text) ? true : null, 'the focus on '.$text);
    }
}
