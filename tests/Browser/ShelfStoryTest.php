<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;

/** From an empty tin to an invoice: what runs short is said, ordered, received, taken and booked; three ways are laid before an owner, one is signed. */
final class ShelfStoryTest extends BenchStoryTestCase
{
    public function testTheDemoHasARealShelfAndOffersAtEveryStage(): void
    {
        $this->signIn('ida');
        $seen = $this->driver->executeAsyncScript(self::API.<<<'JS'
            const [shelf, {lots}, {invoices}, {tickets}] = await Promise.all(['/shelf', '/lots', '/invoices', '/tickets'].map(get))
            const offers = await Promise.all(tickets.flatMap((t) => t.pieces).map((p) => get(`/pieces/${p.id}/offer`)))
            const states = shelf.products.map((p) => p.state)
            done({
                products: shelf.products.length >= 50, lots: lots.length >= 120, suppliers: shelf.suppliers.length,
                old: states.filter((s) => s === 'old').length, short: states.filter((s) => s === 'short').length,
                laid: offers.some((o) => o.id && !o.chosen && !o.left), taken: offers.some((o) => o.chosen),
                beside: offers.flatMap((o) => o.supplements).map((s) => s.agreed), paid: invoices.some((i) => i.paidAt), open: invoices.some((i) => !i.paidAt),
            })
            })().catch((e) => done(String(e)))
            JS);
        self::assertSame([
            'products' => true, 'lots' => true, 'suppliers' => 2, 'old' => 1, 'short' => 1, 'laid' => true, 'taken' => true, 'beside' => [true, null],
            'paid' => true, 'open' => true,
        ], array_merge(array_flip(['products', 'lots', 'suppliers', 'old', 'short', 'laid', 'taken', 'beside', 'paid', 'open']), (array) $seen));
    }

    public function testWhatAPlanWouldRunOutOfIsOrderedReceivedAndTaken(): void
    {
        $this->signIn('ida');
        $id = $this->piece('The violin case shoes', 'freshen');
        $product = $this->oneLotOf('Cream polish, chestnut');

        // Walking along the shelf: hardly any is left of it.
        $this->go("/shelf?product=$product");
        $this->seeText('Where it went');
        $this->isAccessible('the shelf');
        $this->says('Weigh')->click();
        $this->says('Looked at')->click();
        $this->see('[name=figure]')->sendKeys('0,4');
        $this->says('Write it down')->click();
        $this->seeText('0.4 g');

        // The plan says so before it starts, and so does the bench.
        $this->go("/pieces/$id/plan");
        $this->seeText('Cream polish, chestnut: ');
        $this->go('/shelf/order');
        $this->seeText('Cream polish, chestnut');
        $this->isAccessible('the order list');
        $this->driver->executeScript(<<<'JS'
            const line = [...document.querySelectorAll('li')].find((e) => e.textContent.includes('Cream polish, chestnut'))
            line.querySelector('button').click()
            JS);
        $this->wait(fn (): ?bool => 1 === preg_match('/On its way.*Cream polish, chestnut/s', $this->text()) ? true : null, 'on its way');
        $this->driver->executeScript(<<<'JS'
            const line = [...document.querySelectorAll('section[aria-label="On its way"] li')].find((e) => e.textContent.includes('Cream polish, chestnut'))
            line.querySelector('button').click()
            JS);
        $this->says('Yes, ')->click();
        $this->wait(fn (): ?bool => !str_contains($this->text(), 'Yes, ') ? true : null, 'it is here');

        // It is laid, and more was taken than the plan said.
        $this->workUntil($id, 'Lay chestnut cream polish');
        $this->go('/bench');
        $this->seeText('The violin case shoes');
        for ($press = 0; $press < 30 && !str_starts_with($this->hand(), 'The violin case shoes'); ++$press) {
            $this->type(\Facebook\WebDriver\WebDriverKeys::ARROW_DOWN);
            $this->painted();
        }
        $this->type(\Facebook\WebDriver\WebDriverKeys::SPACE);
        $this->seeText('it was otherwise');
        $this->says('it was otherwise')->click();
        $this->typeOver('[name=taken]', '7,5');
        $this->says('Done, with that')->click();
        $this->wait(fn (): ?bool => [] === $this->all('[name=taken]') ? true : null, 'the step ended');
        $this->go("/pieces/$id/products");
        $this->seeText('7.5 g');
        $this->isAccessible('what was on it');
        $this->go("/shelf?product=$product");
        $this->seeText('The violin case shoes');
    }

    public function testThreeWaysAreLaidBeforeTheOwnerAndOneIsSigned(): void
    {
        $this->signIn('ida');
        $id = $this->piece('The conductor’s shoes', 'freshen');
        $this->go("/pieces/$id/offer");
        $this->seeText('Nothing has been laid before the owner yet');
        $this->see('[name=replace]')->sendKeys('twelve');
        $this->says('Reckon the ways')->click();
        $this->seeText('That is no sum.');
        $this->typeOver('[name=replace]', '180');
        $this->says('Reckon the ways')->click();
        $this->seeText('They leave it');
        $this->seeText('Ready from');
        $this->isAccessible('an offer');
        self::assertSame(3, $this->buttons('They take this'));
        $this->driver->executeScript('[...document.querySelectorAll("article")].find((e) => e.ariaLabel === "restore").querySelector("button.may").click()');
        $this->seeText('What will be gone');
        $this->seeText('It costs about EUR');

        // Signed, it is the agreement.
        $this->see('[name=signedBy]')->sendKeys('Beda Thorne');
        $field = $this->see('[aria-label="Field for the signature"]');
        (new WebDriverActions($this->driver))->moveToElement($field, -150, 0)->clickAndHold()
            ->moveByOffset(40, -30)->moveByOffset(30, 50)->moveByOffset(40, -60)->moveByOffset(30, 60)->moveByOffset(40, -40)
            ->moveByOffset(40, 20)->moveByOffset(20, -10)->moveByOffset(20, 10)->moveByOffset(20, 5)->release()->perform();
        $this->says('Heard and agreed')->click();
        $this->seeText('Heard and agreed: Beda Thorne');

        // Something more is found, told, and agreed to by telephone.
        $this->go("/pieces/$id/offer");
        $this->says('Something more was found')->click();
        $this->see('[name=what]')->sendKeys('The welt is parting too');
        $this->see('[name=minutes]')->sendKeys('18');
        $this->says('Write it down')->click();
        $this->seeText('Nothing of it is done');
        $this->says('The owner has answered')->click();
        $this->see('[name=by]')->sendKeys('Beda Thorne');
        $this->see('[name=how]')->sendKeys('by telephone');
        $this->says('They agree')->click();
        $this->seeText('Beda Thorne agreed');

        // What is to be paid has both on it; and what it really took is counted.
        $ticket = $this->driver->executeAsyncScript(
            self::API.'done((await get(`/pieces/${args[0]}/plan`)).ticket) })().catch((e) => done(String(e)))',
            [$id],
        );
        self::assertIsInt($ticket);
        $this->go("/tickets/$ticket/invoice");
        $this->says('Write the invoice')->click();
        $this->seeText('The welt is parting too');
        $this->seeText('To pay, EUR');
        $this->isAccessible('an invoice');
        $this->says('It is paid')->click();
        $this->seeText('It is not paid after all');
        $this->go('/figures');
        $this->seeText('By kind of work');
        $this->isAccessible('what it took');
        $this->go('/prices');
        $this->seeText('An hour of work');
        $this->isAccessible('prices');
        $this->typeOver('[name=rate]', 'much');
        $this->says('Keep these prices')->click();
        $this->seeText('is no sum');
        $this->typeOver('[name=rate]', '58,00');
        $this->says('Keep these prices')->click();
        $this->seeText('rate: 54.00 → 58.00');
    }

    /** The product of that name, with one lot of it left on the shelf. */
    private function oneLotOf(string $name): int
    {
        $id = $this->driver->executeAsyncScript(
            self::API.<<<'JS'
                const id = (await get('/shelf')).products.find((p) => p.name === args[0]).id
                for (const lot of (await get(`/products/${id}`)).lots.filter((l) => l.emptiedAt === null).slice(1)) {
                    await send('POST', `/lots/${lot.id}/empty`, {why: 'dried up'})
                }
                done(id)
                })().catch((e) => done(String(e)))
                JS,
            [$name],
        );
        self::assertIsInt($id, json_encode($id, \JSON_THROW_ON_ERROR));

        return $id;
    }

    private function buttons(string $button): int
    {
        $n = $this->driver->executeScript(
            'return [...document.querySelectorAll("button")].filter((e) => e.textContent.trim() === arguments[0]).length',
            [$button],
        );

        return \is_int($n) ? $n : 0;
    }
}
