<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** A day of a small workshop in which three things go wrong and are put right: at the counter, at the bench, and at the door. */
#[Group('second-browser')]
final class MistakesTest extends BenchStoryTestCase
{
    public function testADayWithThreeMistakesOnADesktopATabletAndAPhone(): void
    {
        // On the desktop: written down for the wrong owner, as the wrong kind.
        $this->signIn('ida');
        $id = $this->piece('The walking shoes', 'keep');
        $this->go('/counter');
        $this->seeText('The walking shoes');
        $this->see('[aria-label^="Put right: ticket"]');
        $ticket = $this->ticketOf($id);
        $this->go("/tickets/$ticket/correct");
        $owner = $this->see('[name=customer]');
        $this->wait(static fn (): ?bool => 'Time will tell' === $owner->getAttribute('value') ? true : null, 'the ticket');
        $owner->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $owner->sendKeys('Orsolya Vane');
        $this->choose('Kind of The walking shoes', 'brogue');
        $this->isAccessible('put right');
        $this->says('Keep')->click();
        $this->seeText('Orsolya Vane');
        $this->seeText('brogue, keep');

        // What was agreed is planned anew, for brogues.
        $this->go('/pieces/'.$id);
        $this->says('Make the plan')->click();
        $this->seeText('from first to last');

        // On a tablet: the first step is said to be done before it was; it is taken back and done.
        $this->browser->size(800, 1280, true);
        $this->go('/bench');
        $this->seeText('The walking shoes');
        for ($press = 0; $press < 30 && !str_starts_with($this->hand(), 'The walking shoes'); ++$press) {
            $this->type(WebDriverKeys::ARROW_DOWN);
            $this->painted();
        }
        $this->type(WebDriverKeys::SPACE);
        $this->seeText('of about');
        $this->type(WebDriverKeys::SPACE);
        $this->wait(fn (): ?bool => str_contains($this->hand(), 'of about') ? null : true, 'the step ended');
        $this->type('u');
        $this->wait(fn (): ?bool => str_contains($this->hand(), 'of about') ? true : null, 'the step under way again');
        $this->type(WebDriverKeys::SPACE);
        $this->workUntil($id, 'Look at the pair a last time', itself: true);

        // On a phone: the wrong pair is ticked at the door; it stands on the shelf again.
        $this->browser->size(390, 844, true);
        $this->go("/tickets/$ticket/leaving");
        $this->seeText('Ready since');
        $this->see('[name=by]')->sendKeys('Her sister');
        $this->driver->executeScript('document.querySelector("[aria-label=\"Field for the signature\"]").scrollIntoView({block: "center"})');
        $this->says('Collected')->click();
        if ([] !== $this->all('[role=dialog] [name=why]')) {
            $this->see('[role=dialog] [name=why]')->sendKeys('She knows.');
            $this->says('Go on, and note it')->click();
        }
        $this->seeText('Nothing of this ticket is here any more');
        $this->go("/tickets/$ticket/correct");
        $this->see("[name=why-back-$id]")->sendKeys('It was the other pair.');
        $this->says('Take that back')->click();
        $this->see('[aria-label="Call off"]');
        $this->go("/tickets/$ticket/leaving");
        $this->seeText('Ready since');

        // The ledger keeps both lines of each.
        $this->go('/ledger/'.$id);
        foreach (['kind was “derby”, is “brogue”', 'owner was “Time will tell”', 'Taken back', 'Collected by Her sister', 'It was the other pair.'] as $line) {
            $this->seeText($line);
        }
        $this->noErrorsInTheConsole();
    }

    private function ticketOf(int $piece): int
    {
        $script = 'const [id, done] = arguments; fetch("/api/pieces/" + id).then((r) => r.json()).then((p) => done(p.ticket))';
        $ticket = $this->driver->executeAsyncScript($script, [$piece]);
        self::assertIsInt($ticket);

        return $ticket;
    }
}
