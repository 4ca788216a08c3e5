<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** A pair for life: it goes home with a card, its owner is told next season, and when something has failed it comes back to its own passport. */
#[Group('second-browser')]
final class ForLifeTest extends BenchStoryTestCase
{
    public function testFromHandingOverToTheReminderOfNextSeasonToTheReturn(): void
    {
        $this->signIn('ida');
        $pair = $this->piece('The opera pumps', 'keep');
        $this->workUntil($pair, 'Look at the pair a last time', itself: true);
        $this->go("/pieces/$pair/passport");
        $this->seeText('What it needs next');
        $this->says('Time will tell')->click();

        // She is reached by telephone, and wants to be told.
        $this->seeText('Their pieces');
        $this->says('One more way')->click();
        $this->choose('Way', 'telephone');
        $this->see('input[aria-label="How they are reached"]')->sendKeys('555 09 09');
        $this->driver->executeScript('[...document.querySelectorAll("label")].find((l) => l.textContent.includes("told when care is due")).click()');
        $this->says('So it is')->click();
        $this->settled();

        // It goes home, with its card.
        $this->driver->executeAsyncScript(self::API.<<<'JS'
            const {tickets} = await get('/tickets?find=opera')
            await send('POST', `/tickets/${tickets[0].id}/collect`, {pieces: [args[0]], by: 'Herself', paid: 'nothing', why: 'She knows.'})
            done(true)
            })().catch((e) => done(String(e)))
            JS, [$pair]);
        $this->go("/pieces/$pair/passport");
        $this->seeText('home on');
        $this->says('Care card')->click();
        $this->seeText('What comes next');
        $this->isAccessible('care card');

        // Three quarters of a year later somebody looks who is due, and rings her up.
        $this->clock->forward(270 * 1440);
        $this->go('/season');
        $this->seeText('The opera pumps');
        $this->isAccessible('who is due');
        foreach ($this->all('main input[type=checkbox]:checked:not([aria-label="Write to Time will tell"])') as $other) {
            $other->click();
        }
        $this->says('Write to this one')->click();
        $this->seeText('Messages');
        $this->seeText('555 09 09');
        $this->isAccessible('messages');
        $this->says('They know now')->click();
        $this->seeText('went');
        $this->go('/season');
        $this->seeText('told');

        // She brings it: taken in as last time, it is on its own passport, and what failed is tied to what was done.
        $this->go('/counter/new');
        $this->see('[name=customer]')->sendKeys('Time');
        $this->see('[role=option]')->click();
        $this->says('The opera pumps')->click();
        $this->says('Open the ticket')->click();
        $again = $this->wait(fn (): ?int => preg_match('~/pieces/(\d+)~', $this->driver->getCurrentURL(), $at) > 0 ? (int) $at[1] : null, 'the piece');
        self::assertNotSame($pair, $again);
        $this->go("/pieces/$again/passport");
        $this->says('It came back for what was done')->click();
        $this->seeText('What was laid');
        $this->choose('What failed', 'has streaks');
        $this->says('That was it')->click();
        $this->seeText('streaks');
        $this->go('/comes-back');
        $this->seeText('The opera pumps');

        // And the ledger answers.
        $this->go('/jobs');
        $this->see('[name=find]')->sendKeys('opera');
        $this->choose('Came back', 'only what came back');
        $this->seeText('came back: streaks');
        $this->isAccessible('the ledger asked');
        $this->noErrorsInTheConsole();
    }
}
