<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** What is not a pair of low shoes: tall boots, a bag and a garment are taken in, tried, photographed, read out and signed for. */
#[Group('second-browser')]
final class LookingOverTest extends StoryTestCase
{
    public function testTallBootsAreTriedUntilTheyAreKnown(): void
    {
        $this->takeIn('Boots for the review', 'tall boots', 'dress boot');
        $this->seeText('plans are still possible');
        $this->see('[data-half="left"][data-part="shaft"]')->click();
        $this->seeText('Next, a look through the loupe.');
        $this->pick('It speaks for', 'the whole upper');
        $this->says('pores')->click();
        $this->seeText('A look through the loupe: pores');
        $this->says('Turn to the inner side')->click();
        $this->see('[data-half="left"][data-part="inner-leg"]')->click();
        $this->seeText('A look through the loupe: pores');
        $this->pick('Another trial', 'press of a nail');
        $this->pick('It speaks for', 'the whole upper');
        $this->says('it marks, and warms away')->click();
        $this->seeText('Press of a nail: it marks, and warms away');
        $this->see('[aria-label="Material: waxy or pull-up"]');
        $this->pick('Another trial', 'drop of water');
        $this->says('it sinks in slowly')->click();
        $this->see('[aria-label="Certainty: known"]');
        $this->isAccessible('a part that was tried');
        $this->pick('Another trial', 'the product itself');
        $this->see('[name=labBefore]')->sendKeys('31 9 14');
        $this->see('[name=labAfter]')->sendKeys('29 9 13');
        $this->says('it darkens and returns')->click();
        $this->seeText('The product itself, hidden (conditioner)');
        $this->says('scuff')->click();
        $this->see('input[type=checkbox]');
        $this->driver->findElement(WebDriverBy::xpath('//label[contains(., "same on the right")]'))->click();
        $this->says('Mark scuff')->click();
        $this->see('[aria-label="right inner leg: scuff"]');
        $this->see('[aria-label="left inner leg: scuff"]');
        $this->says('The whole pair')->click();
        $this->seeText('What comes off');
        $this->noErrorsInTheConsole();
    }

    public function testABagIsMarkedReadOutSignedAndPrinted(): void
    {
        $this->takeIn('The clerk’s satchel', 'bags', 'satchel');
        $this->see('[data-half="whole"][data-part="flap"]')->click();
        $this->says('dirt')->click();
        $this->says('ink')->click();
        $this->says('first thing seen')->click();
        $this->see('[name=lengthMm]')->sendKeys('30');
        $this->says('Mark ink')->click();
        $this->see('[aria-label="flap: ink"]');
        // Somebody else has the same piece open: what is typed here stays.
        $this->says('surface')->click();
        $this->says('gouge')->click();
        $this->see('[name=lengthMm]')->sendKeys('12');
        $this->see('[name=depthMm]')->sendKeys('9');
        $this->says('Mark gouge')->click();
        $this->seeText('nothing in it goes deeper');
        self::assertSame('9', $this->see('[name=depthMm]')->getAttribute('value'));
        $this->changeElsewhere();
        $this->typeOver('[name=depthMm]', '1.5');
        $this->says('Mark gouge')->click();
        $this->seeText('Somebody else has changed this piece meanwhile');
        $this->see('[aria-label="Patina: soften"]');
        self::assertSame('1.5', $this->see('[name=depthMm]')->getAttribute('value'), 'what was typed stays');
        $this->says('Mark gouge')->click();
        $this->see('[aria-label="flap: ink, gouge"]');
        $this->isAccessible('a bag that is looked over');

        $this->says('For the owner')->click();
        $this->seeText('What stays');
        $this->seeText('The ink on the flap');
        $this->says('Heard and agreed')->click();
        $this->seeText('Whose name is it?');
        $this->see('[name=signedBy]')->sendKeys('Beda Thorne');
        $field = $this->see('[aria-label="Field for the signature"]');
        (new WebDriverActions($this->driver))
            ->moveToElement($field, -150, 0)
            ->clickAndHold()
            ->moveByOffset(40, -30)
            ->moveByOffset(30, 50)
            ->moveByOffset(40, -60)
            ->moveByOffset(30, 60)
            ->moveByOffset(40, -40)
            ->moveByOffset(40, 20)
            ->moveByOffset(20, -10)
            ->moveByOffset(20, 10)
            ->moveByOffset(20, 5)
            ->release()
            ->perform();
        $this->says('Heard and agreed')->click();
        $this->seeText('Heard and agreed: Beda Thorne');
        $this->see('[aria-label="Signature of Beda Thorne"]');
        $this->isAccessible('the page for the owner');
        $printed = $this->driver->executeScript(
            'return [...document.styleSheets].some(s => [...s.cssRules].some(function look(r) { return (r.media && r.media.mediaText === "print" && '
                .'r.cssText.includes(".no-print")) || [...(r.cssRules || [])].some(look) }))',
        );
        self::assertTrue($printed, 'what is not for paper is left off it');
        $this->go('/counter');
        $this->see('input[type=search]')->sendKeys('Beda satchel');
        $this->wait(fn (): ?bool => str_contains($this->text(), 'Konrad') ? null : true, 'the others to go');
        $this->says('Label')->click();
        $this->see('[alt="A square code that opens The clerk’s satchel"]');
        $this->isAccessible('the label');
        $this->noErrorsInTheConsole();
    }

    public function testAGarmentIsPhotographedBeforeAnythingIsTouched(): void
    {
        $this->takeIn('The usher’s coat', 'garments', 'coat');
        // Two sleeves are one part: its middle is not on it, so it is reached as one does without a mouse.
        $this->see('[data-half="whole"][data-part="sleeves"]');
        $this->driver->executeScript('document.querySelector("[data-part=sleeves]").focus()');
        $this->type(WebDriverKeys::ENTER);
        $this->says('colour')->click();
        $this->says('faded')->click();
        $this->says('Mark faded')->click();
        $this->see('[aria-label="sleeves: faded"]');
        $this->says('Pictures')->click();
        $this->seeText('Before anything is touched');
        $this->driver->findElement(WebDriverBy::cssSelector('[aria-label="Take the picture: front"]'))->sendKeys(self::file('not-a-picture.jpg', 'a letter'));
        $this->seeText('This is not a picture that can be kept here');
        foreach (['front', 'back', 'lining'] as $i => $side) {
            $this->driver
                ->findElement(WebDriverBy::cssSelector("[aria-label='Take the picture: $side']"))
                ->sendKeys(self::file("$side.jpg", self::jpeg(90 + 40 * $i)));
            $this->see("img[alt='$side']");
        }
        $this->wait(fn (): ?bool => str_contains($this->text(), 'Before anything is touched') ? null : true, 'the set to be complete');
        $this->see("[aria-label='See it large: back']")->click();
        $this->see('[role=dialog] img');
        $this->isAccessible('a picture seen large');
        $this->says('Close')->click();
        $this->isAccessible('the pictures');
        $this->says('Back to the piece')->click();
        $this->says('Make the plan')->click();
        $this->seeText('from first to last');
        $this->says('Take the pictures')->click();
        $this->says('To the pictures');
        self::assertStringNotContainsString('Whole half', $this->text());
        self::assertStringNotContainsString('Before anything wet', $this->text(), 'the set is complete');
        $this->isAccessible('a plan with one seam');
    }

    public function testWhatWasBeforeAndWhatCameAfterAreDrawnAcrossEachOther(): void
    {
        $this->signIn('ida');
        $id = $this->driver->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/tickets?find=lamplighter").then(r => r.json()).then(t => done(t.tickets'
                .'.flatMap(x => x.pieces).find(p => p.name === "The lamplighter’s derbies").id))',
        );
        self::assertIsInt($id);
        $this->go("/pieces/$id/pictures");
        $this->seeText('Before and after');
        $this->see('img[alt="Before"]');
        $this->see('input[type=range]');
        $this->isAccessible('before and after');
        $this->driver->executeScript('const r = document.querySelector("input[type=range]"); r.value = 20; r.dispatchEvent(new Event("input"))');
        $style = fn (): string => (string) $this->see('img[alt="Before"]')->getAttribute('style');
        $this->wait(static fn (): ?bool => str_contains($style(), '80%') ? true : null, 'the thread at a fifth');
    }

    private function takeIn(string $name, string $family, string $kind): void
    {
        $this->signIn('ida');
        $this->go('/counter/new');
        $this->see('[name=customer]')->sendKeys('Beda Thorne');
        $this->see('[name=name]')->sendKeys($name);
        $this->pick('Family', $family);
        if ([] === $this->all("[aria-label=\"Kind: $kind\"]")) {
            $this->pick('Kind', $kind);
        }
        $this->says('Open the ticket')->click();
        $this->seeText('Agreed: to');
    }

    /** Opens the choice of that name and takes what says this. */
    private function pick(string $choice, string $option): void
    {
        $this->see("[aria-label^=\"$choice: \"]")->click();
        $this->wait(function () use ($option): ?bool {
            foreach ($this->all('[role=option]') as $one) {
                if (str_starts_with(trim($one->getText()), $option)) {
                    $one->click();

                    return true;
                }
            }

            return null;
        }, $option);
    }

    private function changeElsewhere(): void
    {
        $status = $this->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            (async () => {
                const id = location.pathname.split('/')[2]
                const piece = await (await fetch('/api/pieces/' + id)).json()
                const session = await (await fetch('/api/session')).json()
                const headers = {'Content-Type': 'application/json', 'X-CSRF-Token': session.csrfToken, 'Idempotency-Key': crypto.randomUUID()}
                const body = JSON.stringify({version: piece.version, aim: 'freshen', gloss: 'satin', patina: 'soften'})
                const r = await fetch('/api/pieces/' + id + '/agreement', {method: 'PUT', headers, body})
                done(r.status)
            })()
            JS);
        self::assertSame(200, $status);
    }

    private static function file(string $name, string $bytes): string
    {
        $path = sys_get_temp_dir().'/'.$name;
        file_put_contents($path, $bytes);

        return $path;
    }

    private static function jpeg(int $red): string
    {
        $image = imagecreatetruecolor(300, 200);
        imagefilledrectangle($image, 20, 20, 200, 150, (int) imagecolorallocate($image, max(0, min(255, $red)), 80, 60));
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }
}
