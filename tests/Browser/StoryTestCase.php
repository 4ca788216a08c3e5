<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use KindHeel\App\Clock\WorkshopClock;
use KindHeel\Tests\Support\Browser;
use KindHeel\Tests\Support\DemoDatabase;
use PHPUnit\Framework\TestCase;

/** A story in the real interface. `./check` serves the application at KINDHEEL_ADDRESS with a clock that can be put forward. */
abstract class StoryTestCase extends TestCase
{
    /** After so long what was waited for does not come any more, however busy the machine is. */
    private const PATIENCE_S = 90.0;
    /**
     * The first button, link or choice with these words that is shown and not locked, once it lies where it lay a moment before: what comes in above moves it,
     * and a tap would miss. Something on the bench may call at any moment: somebody else comes.
     */
    private const SAYS = <<<'JS'
        const shown = (e) => e.checkVisibility({visibilityProperty: true}) && e.getClientRects().length > 0
        document.querySelector('[role=alert][aria-label=Alarm] [data-quiet]')?.click()
        const found = [...document.querySelectorAll('button, a, [role=option]')]
            .find((e) => e.textContent.replace(/\s+/g, ' ').trim().includes(arguments[0]) && shown(e) && !e.matches(':disabled'))
        const at = found ? JSON.stringify(found.getBoundingClientRect()) : ''
        const still = found !== undefined && window.lookedAt?.[0] === found && window.lookedAt[1] === at
        window.lookedAt = [found, at]
        return still ? found : null
        JS;

    /** One for all stories of a process: to open another takes longer than some of them. */
    private static ?Browser $open = null;

    protected Browser $browser;
    protected RemoteWebDriver $driver;
    protected WorkshopClock $clock;
    private string $address;

    protected function setUp(): void
    {
        [$this->address, $database, $template, $begins] = array_map(self::told(...), ['KINDHEEL_ADDRESS', 'DATABASE_URL', 'STORY_TEMPLATE', 'STORY_BEGINS']);
        $this->clock = new WorkshopClock(\dirname(__DIR__, 2).'/var/'.(getenv('BROWSER_CLOCK') ?: 'browser-clock'), true);
        $this->clock->set(new \DateTimeImmutable($begins, new \DateTimeZone(self::told('WORKSHOP_TIMEZONE'))));
        DemoDatabase::restore($database, $template);
        self::$open?->forget($this->address);
        $this->browser = self::$open ??= Browser::open((int) (getenv('DRIVER_PORT') ?: 9715));
        $this->driver = $this->browser->driver;
    }

    protected function tearDown(): void
    {
        if (!$this->status()->isSuccess()) {
            @mkdir(\dirname(__DIR__, 2).'/var/browser', recursive: true);
            $this->driver->takeScreenshot(\dirname(__DIR__, 2).'/var/browser/'.$this->name().'.png');
            // Nothing of what went wrong is handed to the next.
            $this->browser->close();
            self::$open = null;
        }
    }

    /** Goes to a page once what was done on this one is done. */
    protected function go(string $path): void
    {
        $this->settled();
        $this->driver->get($this->address.$path);
    }

    protected function signIn(string $login = 'tomas'): void
    {
        $this->go('/sign-in');
        $this->driver->executeScript('localStorage.setItem("kindheel-tried", "true")');
        $this->see('[name=login]')->sendKeys($login);
        $this->see('[name=password]')->sendKeys('lantern-'.$login.WebDriverKeys::ENTER);
        $this->seeText('The rack');
    }

    /** The element of a CSS selector, once it is there and shown. */
    protected function see(string $css): RemoteWebElement
    {
        return $this->wait(
            function () use ($css): ?RemoteWebElement {
                // The first that is shown: to ask a hundred of them whether they are takes seconds, in which the page goes on.
                foreach ($this->all($css) as $element) {
                    if ($element->isDisplayed()) {
                        return $element;
                    }
                }

                return null;
            },
            $css,
        );
    }

    /** Over what stood in a field, as hands do it: what the driver clears by itself is written back by a page that draws itself anew meanwhile. */
    protected function typeOver(string $css, string $text): void
    {
        $field = $this->see($css);
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($text);
    }

    /** The button or link that says this, once it is there. */
    protected function says(string $text): RemoteWebElement
    {
        return $this->wait(function () use ($text): ?RemoteWebElement {
            $found = $this->driver->executeScript(self::SAYS, [$text]);
            $id = \is_array($found) ? reset($found) : null;

            return \is_string($id) ? new RemoteWebElement(new RemoteExecuteMethod($this->driver), $id, true) : null;
        }, $text);
    }

    /** A choice inside a sentence. */
    protected function choose(string $label, string $option): void
    {
        $this->see("[aria-label^=\"$label\"]")->click();
        $this->wait(function () use ($option): ?bool {
            foreach ($this->driver->findElements(WebDriverBy::cssSelector('[role=option]')) as $one) {
                if (trim($one->getText()) === $option) {
                    $one->click();

                    return true;
                }
            }

            return null;
        }, $option);
    }

    /** Until what hands did here has been answered. */
    protected function settled(): void
    {
        $this->wait(fn (): ?bool => [] === $this->all('html[data-acting]') ? true : null, 'the end of what was done');
    }

    /** Until what was done is on the screen. */
    protected function painted(): void
    {
        $this->driver->executeAsyncScript('requestAnimationFrame(() => requestAnimationFrame(arguments[0]))');
    }

    /** Until the bench has been looked at anew so often: what was to ring by then has rung. */
    protected function looks(int $times = 2): void
    {
        $script = 'return performance.getEntriesByType("resource").filter((e) => e.name.endsWith("/api/bench") && e.responseEnd > 0).length';
        $seen = fn (): int => \is_int($count = $this->driver->executeScript($script)) ? $count : 0;
        $before = $seen();
        $this->wait(static fn (): ?bool => $seen() >= $before + $times ? true : null, 'a look at the bench');
    }

    private static function told(string $name): string
    {
        return getenv($name) ?: self::fail($name.' is not set; ./check sets it.');
    }

    protected function seeText(string $text): void
    {
        $this->wait(fn (): ?bool => str_contains($this->text(), $text) ? true : null, $text);
    }

    /** What is written on the page. */
    protected function text(): string
    {
        $text = $this->driver->executeScript('return document.body.innerText');

        return \is_string($text) ? $text : '';
    }

    /** @return list<RemoteWebElement> */
    protected function all(string $css): array
    {
        return array_values($this->driver->findElements(WebDriverBy::cssSelector($css)));
    }

    /** Keys to wherever the focus is. */
    protected function type(string ...$keys): void
    {
        foreach ($keys as $key) {
            if (WebDriverKeys::SPACE === $key) {
                // What has just come into the hand is not ended by the same press; what calls meanwhile is seen to by somebody else.
                $this->wait(function (): ?bool {
                    $this->quiet();

                    return [] === $this->all('[data-locked], [role=alert][aria-label=Alarm]') ? true : null;
                }, 'the lock of the foot switch to open');
            }
            $this->driver->switchTo()->activeElement()->sendKeys($key);
        }
    }

    /** Somebody else comes to what calls. */
    protected function quiet(): void
    {
        $this->driver->executeScript("document.querySelector('[role=alert][aria-label=Alarm] [data-quiet]')?.click()");
        $this->painted();
    }

    /** How the tablet's line to the workshop is from now on. */
    protected function network(bool $up, int $latencyMs = 0): void
    {
        foreach (
            [
                'Network.enable' => new \stdClass(),
                'Network.emulateNetworkConditions' => ['offline' => !$up, 'latency' => $latencyMs, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
            ] as $cmd => $params
        ) {
            $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $cmd, 'params' => $params]);
        }
    }

    /** Tab by Tab to the element whose accessible name or text holds this. */
    protected function tabTo(string $name): void
    {
        for ($i = 0; $i < 120; ++$i) {
            $this->type(WebDriverKeys::TAB);
            if (str_contains($this->focused(), $name)) {
                return;
            }
        }
        self::fail('Tab never came to “'.$name.'”.');
    }

    protected function focused(): string
    {
        $name = $this->driver->executeScript(
            'const e = document.activeElement; if (e === document.body) { return ""; } return e.getAttribute("aria-label") || '
                .'e.closest("label")?.innerText || e.innerText || e.name || ""',
        );

        return \is_string($name) ? $name : '';
    }

    /** An axe run over the page as it is: nothing serious or critical (WCAG 2.2 A and AA). */
    protected function isAccessible(string $screen): void
    {
        $this->driver->executeScript((string) file_get_contents(\dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        $found = $this->driver->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", '
                .'"wcag22aa"]}).then(r => done(r.violations.filter(v => ["serious", "critical"].includes(v.impact)).map(v => v.id + ": " + '
                    .'v.nodes.slice(0, 3).map(n => n.html.slice(0, 160) + " " + n.any.map(a => a.message).join("; ")).join(" | "))))',
        );
        self::assertSame([], $found, $screen);
    }

    protected function noErrorsInTheConsole(): void
    {
        $log = $this->driver->manage()->getLog('browser');
        $severe = array_filter(
            $log,
            static fn (mixed $l): bool => \is_array($l)
                && 'SEVERE' === ($l['level'] ?? null)
                && !str_contains(json_encode($l, \JSON_THROW_ON_ERROR), 'status of 4'),
        );
        self::assertSame([], array_values($severe));
    }

    /**
     * @template T
     *
     * @param \Closure(): (T|null) $look
     *
     * @return T
     */
    protected function wait(\Closure $look, string $for): mixed
    {
        $until = microtime(true) + self::PATIENCE_S;
        do {
            try {
                $found = $look();
                if (null !== $found) {
                    // What did not come would have failed.
                    $this->addToAssertionCount(1);

                    return $found;
                }
            } catch (StaleElementReferenceException|UnknownErrorException $gone) {
                // The page has drawn it anew; look again. The driver has two ways to say so.
                if (!$gone instanceof StaleElementReferenceException && !str_contains($gone->getMessage(), 'does not belong to the document')) {
                    throw $gone;
                }
            }
            usleep(60_000);
        } while (microtime(true) < $until);
        self::fail(\sprintf("“%s” did not come. On the page:\n%s", $for, $this->text()));
    }
}
