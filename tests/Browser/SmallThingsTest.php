<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** What is needed on a usual day beside the one great way through. */
final class SmallThingsTest extends StoryTestCase
{
    public function testAnApprenticeSeesThePlanButNoWayToOpenATicket(): void
    {
        $this->signIn('wren');
        $this->go('/counter');
        $this->seeText('The Captain’s oxfords');
        self::assertStringNotContainsString('New ticket', $this->text());
        $this->go('/pieces/'.$this->pieceOnTheRack());
        $this->seeText('Agreed: to');
        self::assertStringNotContainsString('Make the plan', $this->text());
        // What is still asked of the piece comes a moment later, and moves what stands below it.
        $link = $this->says('See the plan');
        $was = null;
        $this->wait(static function () use ($link, &$was): ?bool {
            [$before, $was] = [$was, $link->getLocation()->getY()];

            return $before === $was ? true : null;
        }, 'the page at rest');
        $link->click();
        $this->seeText('from first to last');
    }

    public function testWhoIsAtTheCounterLooksOnWhereHandsAreAtWork(): void
    {
        $this->signIn('cora');
        $piece = $this->pieceOnTheRack();
        $can = fn (string $css): int => \count(array_filter($this->all($css), static fn ($one): bool => $one->isEnabled()));
        $this->go('/pots/2');
        $this->seeText('You look on here');
        self::assertSame(0, $can('main section[aria-label="What to do"] button'), 'nothing of a pot can be pressed');
        // A foot switch drops nothing either.
        $this->type(' ');
        $this->go("/pieces/$piece/plan");
        $this->seeText('from first to last');
        self::assertStringNotContainsString('Begin this step', $this->text());
        $this->go("/pieces/$piece");
        $this->seeText('What comes off');
        self::assertSame(0, $can('section[aria-label="What comes off"] input'));
        $this->go('/shelf/count');
        $this->seeText('You look on here');
        self::assertSame(0, $can('main form button'));
        $this->go('/lots/1');
        $this->seeText('Print the label');
        self::assertStringNotContainsString('Open it', $this->text());
        $this->noErrorsInTheConsole();
        // What only the counter does is nothing for an apprentice, by whatever way they come.
        $this->signIn('wren');
        $this->go('/counter/new');
        $this->seeText('The Captain’s oxfords');
        self::assertStringEndsWith('/counter', $this->driver->getCurrentURL());
    }

    public function testTheCounterIsSearchedByOwnerPieceAndState(): void
    {
        $this->signIn('ida');
        $this->go('/counter');
        $this->seeText('Konrad Weiss-Amari');
        $this->see('input[type=search]')->sendKeys('ruth brogue');
        $this->wait(fn (): ?bool => str_contains($this->text(), 'Konrad') ? null : true, 'the others to go');
        $this->seeText('Two-tone brogues');
        $this->see('input[type=search]')->sendKeys(' zebra');
        $this->seeText('No owner and no piece by');
    }

    public function testAReadingIsTypedAndAnUnreasonableOneIsRefusedWithoutLosingIt(): void
    {
        $this->signIn('ida');
        $this->says('°C')->click();
        $this->typeOver('[name=tempC]', '95');
        $this->typeOver('[name=humidity]', '44');
        $this->says('Take this reading')->click();
        $this->seeText('A workshop is between 0 and 45 °C.');
        self::assertSame('44', $this->see('[name=humidity]')->getAttribute('value'));
        $this->typeOver('[name=tempC]', '23.5');
        $this->says('Take this reading')->click();
        $this->seeText('23.5 °C · 44 % typed');
    }

    public function testABadTicketKeepsWhatWasTypedAndSaysWhatIsMissing(): void
    {
        $this->signIn('ida');
        $this->type('?');
        $this->seeText('What people ask here');
        $this->seeText('take back what was tapped last');
        $this->isAccessible('what people ask');
        $this->type(WebDriverKeys::ESCAPE);
        $this->wait(fn (): ?bool => str_contains($this->text(), 'What people ask here') ? null : true, 'the bench again');
        $this->go('/counter/new');
        $this->see('[name=wish]')->sendKeys('Please be quick about it.');
        $this->says('Open the ticket')->click();
        $this->see('[name=customer][aria-invalid="true"]');
        self::assertSame('Please be quick about it.', $this->see('[name=wish]')->getAttribute('value'));
        $this->says('One more piece')->click();
        $this->seeText('Piece 2');
    }

    public function testAWordOnASignInPushesNothingOfTheBenchOutOfTheWindow(): void
    {
        $this->signIn();
        $this->driver->manage()->deleteAllCookies();
        $this->browser->devTools('Network.setUserAgentOverride', ['userAgent' => 'Mozilla/5.0 (Android 14; Tablet) Firefox/140.0']);
        $this->signIn();
        $this->seeText('You signed in with a browser that is new here.');
        $fits = fn (): bool => true === $this->driver->executeScript('return document.documentElement.scrollHeight <= innerHeight');
        $this->wait(static fn (): ?bool => $fits() ? true : null, 'a bench as high as the window');
        $this->says('That was me')->click();
        $this->wait(fn (): ?bool => str_contains($this->text(), 'new here') ? null : true, 'the word taken away');
        self::assertTrue($fits());
    }

    public function testAStepIsPutDownWithEscapeAndGoneOnWithAgainstARefusalWithAWordWhy(): void
    {
        $this->signIn('ida');
        $piece = $this->pieceOnTheRack();
        $this->go('/pieces/'.$piece.'/plan');
        $this->says('Open all of it')->click();
        $this->says('Look at the pair a last time')->click();
        $this->says('Begin this step')->click();
        $this->see('[name=why]')->sendKeys('The owner is at the door and takes it as it is.');
        $this->says('Go on, and note it')->click();
        $this->wait(fn (): ?bool => 1 === preg_match('/of about \d+ minutes/', $this->text()) ? true : null, 'the step in hand');
        $this->type(WebDriverKeys::ESCAPE);
        $this->wait(fn (): ?bool => str_contains($this->text(), 'of about ') ? null : true, 'the step put down');
        $this->go('/ledger/'.$piece);
        $this->seeText('Put down');
        $this->seeText('The owner is at the door');
    }

    public function testEveryKindIsDrawnAndEveryAddressLeadsSomewhere(): void
    {
        $this->signIn('ida');
        $this->go('/drawings');
        foreach (
            [
                'oxford', 'dance shoe', 'chelsea boot', 'riding boot', 'running trainer', 'doctor’s bag', 'jacket', 'gloves',
                'one-piece riding suit', 'instrument strap', 'book cover',
            ] as $kind
        ) {
            $this->seeText($kind);
        }
        self::assertCount(39 * 4, $this->all('main svg'));
        self::assertSame(
            [],
            array_map(static fn ($e): string => $e->getText(), $this->all('.undrawn')),
            'every part of every kind is drawn on one of its sides',
        );
        $outlines = $this->driver->executeScript(
            'return [...document.querySelectorAll("main section")].map(s => [...s.querySelector("svg").querySelectorAll("path")].map(p => '
                .'p.getAttribute("d")).join(" "))',
        );
        self::assertIsArray($outlines);
        self::assertCount(39, array_unique(array_filter($outlines, is_string(...))), 'no two kinds are drawn alike');
        $this->go('/nowhere/at/all');
        $this->seeText('There is nothing here');
        $this->says('Back to the bench')->click();
        $this->seeText('The rack');
    }

    public function testWhoeverIsSignedOutComesBackToWhereTheyWere(): void
    {
        $this->go('/ledger');
        $this->see('[name=login]')->sendKeys('ida');
        $this->see('[name=password]')->sendKeys('lantern-ida'.WebDriverKeys::ENTER);
        $this->seeText('really');
        self::assertStringEndsWith('/ledger', $this->driver->getCurrentURL());
        $this->says('Ida Varga')->click();
        $this->says('Sign out')->click();
        $this->seeText('Who is at the bench?');
        $this->go('/bench');
        $this->seeText('Who is at the bench?');
    }

    /** A pair of low shoes in work: what is on the rack beside it depends on the hour. */
    private function pieceOnTheRack(): int
    {
        $piece = $this->driver->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/bench").then(r => r.json()).then(b => done(b.rack.findLast(p => p.kind.startsWith("low-shoe/")).piece))',
        );
        self::assertIsInt($piece);

        return $piece;
    }
}
