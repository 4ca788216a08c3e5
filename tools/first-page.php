<?php

declare(strict_types=1);

/*
 * What the first page costs: bytes over the wire and the moment it can be used. php tools/first-page.php [address]
 * The application must be running (./start).
 */

use Facebook\WebDriver\WebDriverBy;
use KindHeel\Tests\Support\Browser;

require __DIR__.'/development.php';

$address = rtrim($argv[1] ?? 'http://127.0.0.1:8317', '/');
$browser = Browser::open(9734);
$measure = <<<'JS'
    const done = arguments[0]
    const entries = performance.getEntriesByType('resource').filter((e) => e.name.includes('/build/'))
    const kind = (e) => e.name.endsWith('.js') ? 'script' : e.name.endsWith('.css') ? 'style' : e.name.endsWith('.woff2') ? 'font' : 'other'
    const sums = {}
    for (const e of entries) sums[kind(e)] = (sums[kind(e)] ?? 0) + e.transferSize
    done([Math.round(performance.now()), sums])
    JS;
try {
    foreach (['/sign-in' => 'input[name=login]', '/bench' => 'section[aria-label="The rack"] li'] as $path => $ready) {
        $begin = microtime(true);
        $browser->driver->get($address.$path);
        while ([] === $browser->driver->findElements(WebDriverBy::cssSelector($ready))) {
            usleep(5_000);
        }
        $seconds = microtime(true) - $begin;
        /** @var array{int, array<string, int>} $found */
        $found = $browser->driver->executeAsyncScript($measure);
        printf(
            "%-10s usable after %.2f s; %s = %.0f kB\n",
            $path,
            $seconds,
            implode(' + ', array_map(static fn (string $k, int $v): string => sprintf('%s %.0f kB', $k, $v / 1000), array_keys($found[1]), $found[1])),
            array_sum($found[1]) / 1000,
        );
        if ('/sign-in' === $path) {
            $browser->driver->findElement(WebDriverBy::name('login'))->sendKeys('ida');
            $browser->driver->findElement(WebDriverBy::name('password'))->sendKeys("lantern-ida\n");
            sleep(2);
            $browser->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
                'cmd' => 'Network.clearBrowserCache',
                'params' => new stdClass(),
            ]);
            // Without what the page keeps for when the workshop’s computer is away: as on a device that has never been here.
            $browser->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
                'cmd' => 'Network.setBypassServiceWorker',
                'params' => ['bypass' => true],
            ]);
        }
    }
} finally {
    $browser->close();
}
