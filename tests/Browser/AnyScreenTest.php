<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** A phone, a tablet upright, a tablet on its side, a large screen: every page fits, and a finger finds what it wants. */
#[Group('second-browser')]
final class AnyScreenTest extends StoryTestCase
{
    /** Width, height, and whether it is touched. */
    private const SIZES = [[390, 844, true], [1280, 800, false]];
    private const OTHER_SIZES = [[800, 1280, true], [1920, 1080, false]];
    /** How far the page is wider than its screen, and what of it can be touched though it is too small. */
    private const LOOK = <<<'JS'
        const [width, touched] = arguments
        const shown = (e) => e.checkVisibility({visibilityProperty: true, opacityProperty: true}) && e.getClientRects().length > 0
        const wider = document.scrollingElement.scrollWidth > width
            ? [...document.querySelectorAll('main, main *, header *')].filter((e) => shown(e) && e.getBoundingClientRect().right > width + 1)
                .slice(0, 3).map((e) => `wider than ${width}: ${e.tagName} ${e.textContent.trim().slice(0, 30)}`)
            : []
        const targets = [...document.querySelectorAll('button, a[href], input, select, textarea, summary, [role=radio], [role=tab]')]
        const small = targets.filter((e) => {
            if (!touched || !shown(e) || e.closest('svg, .sr-only')) { return false }
            const of = ['checkbox', 'radio'].includes(e.type) ? e.closest('label') ?? e : e
            const box = of.getBoundingClientRect()
            return box.height < 43.5 || box.width < 43.5
        }).map((e) => `small at ${width}: ${e.tagName} ${e.getAttribute('aria-label') ?? e.textContent.trim()}`)
        return [...wider, ...new Set(small)]
        JS;

    #[DataProvider('rooms')]
    public function testEveryPageFitsAPhoneAndABenchAndEveryTargetAFinger(string ...$paths): void
    {
        $this->everyPageFits(self::SIZES, $paths);
    }

    #[DataProvider('rooms')]
    #[Group('long')]
    public function testEveryPageFitsAnUprightTabletAndALargeScreen(string ...$paths): void
    {
        $this->everyPageFits(self::OTHER_SIZES, $paths);
    }

    /**
     * @param list<array{int, int, bool}> $sizes
     * @param array<string>               $paths
     */
    private function everyPageFits(array $sizes, array $paths): void
    {
        $this->signIn('ida');
        $ids = $this->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0]
            fetch('/api/tickets').then((r) => r.json()).then(({tickets}) => {
                const open = tickets.find((t) => t.pieces.some((p) => p.state === 'in-work'))
                const ready = tickets.find((t) => t.pieces.some((p) => p.state === 'ready'))
                done({TICKET: open.id, PIECE: open.pieces.find((p) => p.state === 'in-work').id, READY: ready.id})
            })
            JS);
        self::assertIsArray($ids);
        $found = [];
        foreach ($paths as $path) {
            $this->go(strtr($path, array_map(static fn (mixed $id): string => \is_int($id) ? (string) $id : '', $ids)));
            $this->see('main h1, main h2, main [aria-label]');
            $this->driver->executeAsyncScript('setTimeout(arguments[0], 700)');
            foreach ($sizes as [$width, $height, $touched]) {
                $this->browser->size($width, $height, $touched);
                $this->painted();
                $seen = $this->driver->executeScript(self::LOOK, [$width, $touched]);
                foreach (\is_array($seen) ? $seen : [] as $fault) {
                    $found[] = $path.' '.(\is_string($fault) ? $fault : '');
                }
            }
            $this->browser->size(1280, 800);
        }
        self::assertSame([], $found);
    }

    /** @return iterable<string, list<string>> */
    public static function rooms(): iterable
    {
        yield 'the bench, a piece, the counter, papers' => [
            '/bench', '/pieces/PIECE', '/pieces/PIECE/plan', '/pieces/PIECE/owner', '/pieces/PIECE/pictures', '/pieces/PIECE/measure', '/counter',
            '/counter/new',
            '/tickets/TICKET/promise', '/tickets/TICKET/correct', '/tickets/TICKET/add', '/tickets/READY/leaving', '/pieces/PIECE/card',
            '/tickets/TICKET/label', '/tickets/TICKET/paper', '/pots/1/label', '/day', '/pieces/PIECE/offer', '/tickets/TICKET/invoice',
        ];
        yield 'the other rooms' => [
            '/ledger', '/ledger/PIECE', '/pots', '/pots/1', '/colours', '/colours/card', '/pieces/PIECE/colour', '/workshop', '/people', '/own', '/shelf',
            '/shelf?product=45', '/shelf/order', '/shelf/count', '/shelf/list', '/lots/12', '/pieces/PIECE/products', '/invoices', '/prices', '/figures',
            '/owners', '/owners/1', '/pieces/PIECE/passport', '/passports/1', '/passports/1/care-card', '/comes-back', '/season', '/messages',
            '/messages/letters', '/jobs?find=boots', '/old-list',
        ];
    }

    public function testASmallDrawingIsMadeLargerSoThatOnePartIsHit(): void
    {
        $this->signIn('ida');
        $this->browser->size(390, 844, true);
        $this->go('/drawings');
        $piece = $this->driver->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/bench").then((r) => r.json())'
                .'.then((b) => done(b.rack.findLast((p) => p.kind.startsWith("low-shoe/")).piece))',
        );
        self::assertIsInt($piece);
        $this->go('/pieces/'.$piece);
        $wide = fn (): mixed => $this->driver->executeScript('return document.querySelector("main svg[role=group]").getBoundingClientRect().width');
        $this->see('main svg[role=group]');
        $before = $wide();
        $this->says('Larger')->click();
        $this->painted();
        self::assertIsNumeric($before);
        self::assertGreaterThan(2 * $before, $wide());
        $page = $this->driver->executeScript('return document.scrollingElement.scrollWidth');
        self::assertSame(390, $page, 'the drawing is moved, not the page');
    }
}
