<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** A stained boot of the crew is brought to a spot that nobody sees, by the numbers on the screen alone. */
#[Group('second-browser')]
final class ColourTest extends StoryTestCase
{
    private const MOST_ROUNDS = 5;

    public function testFromTheReaderToAPairThatMatches(): void
    {
        $this->signIn();
        $id = $this->pieceNamed('The stage boots of the crew');
        $this->go("/pieces/$id/colour?half=right&part=shaft&spot=sound");
        $this->seeText('of the right shaft');
        $this->isAccessible('colour of a piece');
        $this->readThrice();
        $this->seeText('A sound place, L*');
        $this->go("/pieces/$id/colour?half=right&part=shaft&spot=damage");
        $this->readThrice();
        $this->seeText('The place to mend, L*');
        $this->seeText('Not near enough');

        $this->says('Mix a pot for it')->click();
        $this->seeText('To match a sound place of the right shaft over the place to mend');
        $this->says('Open the pot')->click();
        $this->seeText('Recipes from the shelf');
        $this->says('Mix this one');
        $this->isAccessible('recipes');
        $this->says('Mix this one')->click();
        $this->seeText('more of ');
        $this->dropAll();
        $this->isAccessible('a pot with drops in it');
        for ($round = 0; $round < self::MOST_ROUNDS; ++$round) {
            $this->says('Read the dry dab')->click();
            $this->wait(fn (): ?bool => 1 === preg_match('/It is ready|Lay it as it is/', $this->text()) ? true : null, 'what the dab says');
            if (str_contains($this->text(), 'It is ready')) {
                break;
            }
            if (!str_contains($this->text(), 'Add these')) {
                $this->says('Lay it as it is')->click();

                break;
            }
            $this->says('Add these')->click();
            $this->seeText('more of ');
            $this->dropAll();
        }
        $this->seeText('A close match: ');
        $this->isAccessible('a pot that matches');
        $this->wait(fn (): ?bool => 1 === preg_match('/cover|hides too weakly/', $this->text()) ? true : null, 'the coats');
        $this->says('laid')->click();
        $this->says('Read the mended place')->click();
        $this->seeText('of the right shaft');
        $this->readThrice();
        $this->seeText('after against before');
        $this->wait(fn (): ?bool => 1 === preg_match('/mended place against a sound one\s.*A close match/s', $this->text()) ? true : null, 'an invisible spot');
        $this->says('To the ledger')->click();
        $this->go("/ledger/$id");
        $this->seeText('Compared');
        $this->go('/pots');
        $this->seeText('The stage boots of the crew');
        $this->isAccessible('pots');
        $this->noErrorsInTheConsole();
    }

    public function testDropsTappedFasterThanTheyAreAnsweredAreAllInThePot(): void
    {
        $this->signIn();
        $id = $this->pieceNamed('The stage boots of the crew');
        $this->go("/pieces/$id/colour?half=left&part=shaft&spot=sound");
        $this->says('Numbers or file')->click();
        foreach (['L*' => '38', 'a*' => '14', 'b*' => '17'] as $label => $value) {
            $this->field($label, $value);
        }
        $this->says('Keep it')->click();
        $this->says('Mix a pot for it')->click();
        $this->says('Open the pot')->click();
        $this->says('Mix this one')->click();
        $this->seeText('more of ');
        $this->seeText('0 drops, ');

        // Twelve presses over a slow line, and the page loaded anew while half of them are on their way.
        $pot = (int) preg_replace('~.*/~', '', $this->driver->getCurrentURL());
        $this->network(up: true, latencyMs: 300);
        $this->driver->executeScript('document.activeElement.blur()');
        $this->type(...str_split('      '));
        self::assertSame('6', $this->total(), 'counted at once');
        $this->seeText('on the way');
        $this->driver->navigate()->refresh();
        $this->seeText('more of ');
        $this->type(...str_split('      '));
        $this->wait(fn (): ?bool => '12' === $this->total() ? true : null, 'twelve drops');
        $this->wait(fn (): ?bool => str_contains($this->text(), 'on the way') ? null : true, 'all of them in the jar');
        $this->network(up: true);
        $this->driver->navigate()->refresh();
        $this->wait(fn (): ?bool => '12' === $this->total() ? true : null, 'twelve drops in the jar');
        self::assertSame([12, 12], $this->held($pot), 'in the pot, and in its history');

        // Whichever paint was tapped in last, Space is a drop of the one that is due.
        $due = $this->firstDue();
        $other = $this->see('[aria-label^="+ one drop of "]:not([aria-label$="'.$due['name'].'"])');
        $other->click();
        $this->wait(fn (): ?bool => '13' === $this->total() ? true : null, 'a drop of another paint');
        $this->type('  ');
        $this->wait(fn (): ?bool => '15' === $this->total() ? true : null, 'two more');
        self::assertSame(['name' => $due['name'], 'drops' => $due['drops'] - 2], $this->firstDue());
        $this->noErrorsInTheConsole();
    }

    public function testAWantedColourIsMixedByTheMeasureJudgedByEyeAndUsedAgain(): void
    {
        $this->signIn();
        $id = $this->pieceNamed('Chorus trainers');
        $this->go("/pieces/$id/colour?half=left&part=vamp&spot=wanted");
        $this->seeText('With it, the same colour');
        $this->isAccessible('the colour that a part is to have');
        $this->says('toe box')->click();
        $this->says('navy')->click();
        $this->seeText('As it will be');
        $this->seeText('a family of colours');
        $this->says('Mix a pot for it')->click();
        $this->seeText('To match the wanted colour of the left vamp');
        $this->typeOver('[aria-label="Area in dm²"]', '40');
        $this->says('Open the pot')->click();
        $this->says('Mix this one')->click();
        $this->seeText('Measure in');
        $this->isAccessible('a pot that is measured in');
        $this->dropAll();
        $this->says('Judge it by eye')->click();
        $this->see('[aria-label="lighter by 2"]')->click();
        $this->isAccessible('a dab judged by eye');
        $this->says('That is how it looks')->click();
        $this->seeText('By eye: lighter by 2 steps.');
        $this->wait(fn (): ?bool => 1 === preg_match('/Add \d|Leave it|As near as/', $this->text()) ? true : null, 'what to add');
        $this->says('Lay it as it is')->click();
        $this->says('laid')->click();
        $this->seeText('Left, ml');
        $this->field('Left, ml', '3');
        $this->says('Keep the rest')->click();
        $this->seeText('Mix this colour again');
        $this->isAccessible('a pot that is kept');
        $this->says('Mix it again')->click();
        $this->seeText('Its history, 4 lines');
        self::assertEqualsWithDelta(67, (int) $this->total(), 2, 'three millilitres of the rest');
        self::assertStringNotContainsString('more than it comes to', $this->text());
        $this->noErrorsInTheConsole();
    }

    public function testTheShelfShowsUndertonesAndAPaintOfOnesOwnIsCharacterised(): void
    {
        $this->signIn();
        $this->go('/colours');
        $this->seeText('soot black');
        $this->seeText('leans blue');
        $this->isAccessible('the shelf of colours');
        $this->says('A paint of your own')->click();
        $this->seeText('The film over black');
        $this->type('Stage moss');
        $this->see('[role=dialog] select')->sendKeys('moss');
        foreach (['The white card, bare', 'The black card, bare', 'The film over white', 'The film over black'] as $field) {
            $this->see('[aria-label="Read: '.$field.'"]')->click();
            $this->see('[aria-label="Read again: '.$field.'"]');
        }
        $this->isAccessible('a paint of one’s own');
        $this->says('Check the fit')->click();
        $this->seeText('explains both draw-downs');
        $this->says('Put it on the shelf')->click();
        $this->seeText('Stage moss');
        $this->noErrorsInTheConsole();
    }

    public function testANumberIsTypedAndDyesAreTriedOnIt(): void
    {
        $this->signIn();
        $id = $this->pieceNamed('The prompter’s satchel');
        $this->go("/pieces/$id/colour?half=whole&part=flap&spot=sound");
        $this->says('Numbers or file')->click();
        foreach (['L*' => '120', 'a*' => '10', 'b*' => '28,5'] as $label => $value) {
            $this->see('form label:has(input) input')->isDisplayed();
            $this->field($label, $value);
        }
        $this->says('Keep it')->click();
        $this->seeText('L* lies between 0 and 100');
        $this->field('L*', '64');
        $this->says('Keep it')->click();
        $this->seeText('L* 64.0 a* 10.0 b* 28.5');
        $this->says('Try dyes on it')->click();
        $this->seeText('Depth ladders');
        $this->isAccessible('dyes');
        $this->says('Read a swatch')->click();
        $this->says('Read bare and dyed')->click();
        $this->seeText('taught by 1 swatch');
        $this->noErrorsInTheConsole();
    }

    private function field(string $label, string $value): void
    {
        $this->driver->executeScript('[...document.querySelectorAll("label")].find(l => l.innerText.trim() === arguments[0]).querySelector("input").focus()', [
            $label,
        ]);
        $this->type(WebDriverKeys::CONTROL.'a', $value);
    }

    private function readThrice(): void
    {
        $this->says('Set the reader down and read')->click();
        $this->says('Keep this one');
        $this->says('Read once more')->click();
        $this->says('Keep the mean of 2');
        $this->says('Read once more')->click();
        $this->says('Keep the mean of 3')->click();
    }

    /** Every drop that is due: by Space, and by the handful where there are many. */
    private function dropAll(): void
    {
        $this->driver->executeScript('document.activeElement.blur()');
        for ($i = 0; $i < 120 && !str_contains($this->text(), 'Read the dry dab'); ++$i) {
            $before = $this->total();
            $many = $this->driver->executeScript(
                'const says = (w) => [...document.querySelectorAll("button")].find(x => x.innerText.trim() === w);'
                    .'const b = says("It is in") ?? says("Twenty") ?? says("Five"); b?.click(); return b !== undefined',
            );
            if (true !== $many) {
                $this->type(' ');
            }
            $this->wait(fn (): ?bool => $this->total() !== $before ? true : null, 'a drop');
        }
    }

    /** @return array{name: string, drops: int} what the screen says to drop in next */
    private function firstDue(): array
    {
        if (1 !== preg_match('/(\d+)\s+more of ([^\n]+)/', $this->text(), $found)) {
            self::fail('Nothing is said to be due: '.$this->text());
        }

        return ['name' => $found[2], 'drops' => (int) $found[1]];
    }

    /** @return array{int, int} drops in the pot, and drops that its history tells of */
    private function held(int $pot): array
    {
        /** @var array{total: int, history: list<array{text: string, kind: string}>} $view */
        $view = $this->driver->executeAsyncScript('const done = arguments[1]; fetch("/api/pots/" + arguments[0]).then(r => r.json()).then(done)', [$pot]);
        $told = 0;
        foreach ($view['history'] as $line) {
            $told += 'dropped' === $line['kind'] && 1 === preg_match('/^(\d+) ×/u', $line['text'], $found) ? (int) $found[1] : 0;
        }

        return [$view['total'], $told];
    }

    private function total(): string
    {
        return 1 === preg_match('/(\d+) drops, /', $this->text(), $found) ? $found[1] : '';
    }

    private function pieceNamed(string $name): int
    {
        $id = $this->driver->executeAsyncScript(
            'const done = arguments[1]; fetch("/api/tickets").then(r => r.json()).then(t => done(t.tickets.flatMap(k => k.pieces).find(p => p.name '
                .'=== arguments[0])?.id ?? 0))',
            [$name],
        );
        self::assertIsInt($id);

        return $id;
    }
}
