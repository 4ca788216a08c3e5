<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;

/** The workshop's computer is gone, and the page is loaded anew meanwhile. */
#[Group('second-browser')]
final class AwayTest extends BenchStoryTestCase
{
    /** Begun anew by a story; it ends with the tests. */
    private static ?Process $server = null;

    public function testThePageIsLoadedAnewWhileTheComputerIsAwayAndWhatWasDoneIsSentOnce(): void
    {
        $this->signIn('ida');
        $id = $this->piece('The pair out of reach', 'keep');
        // The page keeps itself for later, and is loaded once more so that it has been asked for through what it keeps.
        $this->driver->executeAsyncScript('navigator.serviceWorker.ready.then((r) => arguments[0](r.active !== null))');
        $this->wait(fn (): ?bool => true === $this->driver->executeScript('return navigator.serviceWorker.controller !== null') ? true : null, 'the keeper');
        $this->go('/bench');
        $this->seeText('The pair out of reach');
        for ($press = 0; $press < 30 && !str_starts_with($this->hand(), 'The pair out of reach'); ++$press) {
            $this->type(WebDriverKeys::ARROW_DOWN);
            $this->painted();
        }
        $this->driver->executeAsyncScript('setTimeout(arguments[0], 5500)');
        $this->server(false);
        try {
            $this->type(WebDriverKeys::SPACE);
            $this->seeText('kept here (1)');
            $this->driver->navigate()->refresh();
            $this->seeText('The pair out of reach');
            $this->seeText('kept here (1)');
            self::assertStringNotContainsString('Who is at the bench?', $this->text());
        } finally {
            $this->server(true);
        }
        $this->wait(fn (): ?bool => str_contains($this->text(), 'kept here') ? null : true, 'sent');
        /** @var array{entries: list<array{event: string}>} $ledger */
        $ledger = $this->driver->executeAsyncScript('const done = arguments[1]; fetch("/api/ledger/" + arguments[0]).then(r => r.json()).then(done)', [$id]);
        self::assertSame(1, array_count_values(array_column($ledger['entries'], 'event'))['started'] ?? 0);
    }

    public function testAPageThatIsOlderThanTheApplicationSaysSo(): void
    {
        $this->signIn('ida');
        $this->driver->executeScript(<<<'JS'
            const fetched = window.fetch
            window.fetch = async (...asked) => {
                const answer = await fetched(...asked)
                const headers = new Headers(answer.headers)
                headers.set('X-Kind-Heel-Build', 'assets/of-another.js')
                return new Response(answer.body, {status: answer.status, headers})
            }
            JS);
        $this->seeText('Kind Heel is newer than this page');
        $this->driver->executeScript('window.stays = true');
        $this->says('Ledger')->click();
        $this->seeText('by hand');
        self::assertNull($this->driver->executeScript('return window.stays ?? null'), 'the next screen is loaded anew');
    }

    /** The web server goes, or comes back. */
    private function server(bool $here): void
    {
        $folder = (string) getenv('KINDHEEL_WEB');
        $root = \dirname(__DIR__, 2);
        if ($here) {
            self::$server = new Process(['tools/serve', 'nginx', $folder], $root, timeout: null);
            self::$server->start();
        } elseif (null !== self::$server) {
            self::$server->stop();
        } else {
            posix_kill((int) file_get_contents($root.'/'.$folder.'/nginx.pid'), \SIGTERM);
        }
        $address = (string) getenv('KINDHEEL_ADDRESS');
        $this->wait(static fn (): ?bool => $here === (false !== @file_get_contents($address.'/build/mark.svg')) ? true : null, 'the web server');
    }
}
