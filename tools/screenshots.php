<?php

declare(strict_types=1);

/*
 * Pictures of the main views from the demo data: php tools/screenshots.php [folder] [address] [evening]
 * The application must be running (./start).
 */

use Facebook\WebDriver\WebDriverBy;
use KindHeel\Tests\Support\Browser;

require __DIR__.'/development.php';

$folder = rtrim($argv[1] ?? dirname(__DIR__).'/docs/screenshots', '/');
$address = rtrim($argv[2] ?? 'http://127.0.0.1:8317', '/');
$only = isset($argv[3]) ? explode(',', $argv[3]) : null;
@mkdir($folder, recursive: true);
$browser = Browser::open(9733);
$driver = $browser->driver;
$shoot = static function (string $name, string $path, ?string $script = null) use ($driver, $folder, $address, $only): void {
    if (null !== $only && !in_array($name, $only, true)) {
        return;
    }
    $driver->get($address.$path);
    usleep(1_200_000);
    if (null !== $script) {
        $driver->executeScript($script);
        usleep(900_000);
    }
    $driver->takeScreenshot($folder.'/'.$name.'.png');
    echo $name, "\n";
};
try {
    $driver->get($address.'/sign-in');
    usleep(900_000);
    $driver->executeScript('localStorage.setItem("kindheel-tried", "true")');
    $driver->findElement(WebDriverBy::name('login'))->sendKeys('tomas');
    $driver->findElement(WebDriverBy::name('password'))->sendKeys('lantern-tomas'."\n");
    usleep(1_500_000);
    $pieces = [];
    /** @var array{tickets: list<array{id: int, pieces: list<array{name: string, id: int}>}>} $tickets */
    $tickets = $driver->executeAsyncScript(
        'const d = arguments[0]; Promise.all(["", "?state=collected"].map(q => fetch("/api/tickets" + q).then(r => r.json())))'
            .'.then(all => d({tickets: all.flatMap(t => t.tickets)}))',
    );
    foreach ($tickets['tickets'] as $ticket) {
        foreach ($ticket['pieces'] as $piece) {
            // What is here now, before what went home once.
            $pieces[$piece['name']] ??= $piece['id'];
        }
    }
    $captain = $pieces['The Captain’s oxfords'];
    $shoot('bench', '/bench');
    $shoot('counter', '/counter');
    $shoot('new-ticket', '/counter/new');
    $shoot(
        'piece',
        '/pieces/'.$captain,
        'document.querySelector(\'[data-half="left"][data-part="toe"]\').dispatchEvent(new MouseEvent("click", {bubbles: true}))',
    );
    $shoot('pictures', '/pieces/'.$pieces['The lamplighter’s derbies'].'/pictures');
    $shoot('owner', '/pieces/'.$pieces['The doctor’s bag'].'/owner');
    $his = array_filter($tickets['tickets'], static fn (array $t): bool => in_array($captain, array_column($t['pieces'], 'id'), true));
    $promised = array_values($his)[0]['id'];
    $shoot('promise', '/tickets/'.$promised.'/promise', 'void 0');
    $ready = array_filter($tickets['tickets'], static fn (array $t): bool => in_array('The stage boots of the crew', array_column($t['pieces'], 'name'), true));
    $shoot('leaving', '/tickets/'.array_values($ready)[0]['id'].'/leaving');
    $shoot('workshop', '/workshop', '[...document.querySelectorAll("[role=tab]")].find(b => b.textContent.includes("Learned")).click()');
    $shoot('plan', '/pieces/'.$captain.'/plan');
    $press = static fn (string $text): string => sprintf(
        '[...document.querySelectorAll("button")].find(b => b.textContent.includes(%s)).click()',
        json_encode($text),
    );
    $shoot('schools', '/pieces/'.$captain.'/plan', $press('Schools'));
    $shoot('ledger', '/ledger/'.$pieces['Father’s oxfords']);
    $shoot('passport', '/pieces/'.$pieces['Father’s oxfords'].'/passport');
    $shoot('season', '/season');
    $shoot('pot', '/pots/2');
    $shoot(
        'colour',
        '/pieces/'.$pieces['The baker’s Sunday brogues'].'/colour?half=left&part=toe&spot=damage',
        'document.querySelectorAll("main > section")[1].scrollTo(0, 330)',
    );
    $shoot('shelf', '/shelf');
    $shoot('offer', '/pieces/'.$pieces['The river pilot’s satchel'].'/offer', 'void 0');
    $shoot('drawings', '/drawings');
    $driver->executeScript('localStorage.setItem("kindheel-light", "evening")');
    $shoot('bench-evening', '/bench');
    /** @var list<array{level: string, message: string}> $log */
    $log = $driver->manage()->getLog('browser');
    foreach ($log as $line) {
        echo $line['level'], ' ', $line['message'], "\n";
    }
} finally {
    $browser->close();
}
