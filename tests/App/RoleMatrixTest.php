<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Routing\RouterInterface;

/** Every route of the application, and who may use it. A route without a line here fails. */
final class RoleMatrixTest extends ApiTestCase
{
    private const ANYBODY = [null, 'cora', 'wren', 'tomas', 'ida'];
    private const EVERYBODY = ['cora', 'wren', 'tomas', 'ida'];
    private const COUNTER = ['cora', 'tomas', 'ida'];
    private const HANDS = ['wren', 'tomas', 'ida'];
    private const RESTORER = ['tomas', 'ida'];
    private const OWNER = ['ida'];

    /** Who may: Cora of the counter, Wren the apprentice, Tomas the restorer, Ida the owner, or whoever comes by. */
    private const ROUTES = [
        // signing in, and what a screen needs before
        'GET /api/session' => self::ANYBODY,
        'POST /api/sign-in' => self::ANYBODY,
        'POST /api/sign-out' => self::ANYBODY,
        'POST /api/begin' => self::ANYBODY,
        'GET /api/words' => self::ANYBODY,
        'GET /metrics' => self::ANYBODY,
        'GET /health' => self::ANYBODY,
        'GET /health/live' => self::ANYBODY,
        'GET /{path}' => self::ANYBODY,
        'GET /calendar/{secret}.ics' => self::ANYBODY,
        // the bench: whoever has hands
        'GET /api/bench' => self::EVERYBODY,
        'GET /api/bench/fit' => self::EVERYBODY,
        'POST /api/steps/{id}/start' => self::HANDS,
        'POST /api/steps/{id}/done' => self::HANDS,
        'POST /api/steps/{id}/interrupt' => self::HANDS,
        'POST /api/steps/{id}/put-down' => self::HANDS,
        'POST /api/steps/{id}/again' => self::HANDS,
        'POST /api/steps/{id}/spoiled' => self::HANDS,
        'POST /api/steps/{id}/compare' => self::HANDS,
        'POST /api/steps/{id}/take-back' => self::HANDS,
        'POST /api/steps/{id}/minutes' => self::HANDS,
        'POST /api/steps/{id}/look' => self::HANDS,
        'POST /api/steps/{id}/gate' => self::HANDS,
        'POST /api/steps/{id}/hand-on' => self::HANDS,
        'POST /api/pieces/{id}/place' => self::HANDS,
        'POST /api/air' => self::HANDS,
        'GET /api/air/what-if' => self::EVERYBODY,
        'POST /api/demo/forward' => self::EVERYBODY,
        // the counter
        'GET /api/tickets' => self::EVERYBODY,
        'GET /api/tickets/{id}' => self::EVERYBODY,
        'POST /api/tickets' => self::COUNTER,
        'GET /api/tickets/{id}/promise' => self::EVERYBODY,
        'POST /api/tickets/{id}/promise' => self::COUNTER,
        // looking over: an apprentice tries, photographs and takes apart; what a piece is is the restorer's word
        'GET /api/first-pair' => self::EVERYBODY,
        'GET /api/pieces/{id}' => self::EVERYBODY,
        'PUT /api/pieces/{id}/parts' => self::RESTORER,
        'POST /api/pieces/{id}/findings' => self::RESTORER,
        'POST /api/pieces/{id}/notes' => self::EVERYBODY,
        'POST /api/tickets/{id}/notes' => self::EVERYBODY,
        'POST /api/intake' => self::COUNTER,
        'GET /api/owners' => self::COUNTER,
        'GET /api/usual-jobs' => self::EVERYBODY,
        'POST /api/usual-jobs' => self::RESTORER,
        'DELETE /api/usual-jobs/{id}' => self::RESTORER,
        'DELETE /api/pieces/{id}/findings/{finding}' => self::RESTORER,
        'PUT /api/pieces/{id}/agreement' => self::COUNTER,
        'PUT /api/pieces/{id}/part-agreement' => self::COUNTER,
        'POST /api/pieces/{id}/trials' => self::HANDS,
        'DELETE /api/pieces/{id}/trials/{trial}' => self::RESTORER,
        'PUT /api/pieces/{id}/off' => self::HANDS,
        'POST /api/pieces/{id}/copy' => self::RESTORER,
        'GET /api/pieces/{id}/owner-page' => self::EVERYBODY,
        'GET /api/pieces/{id}/questions' => self::EVERYBODY,
        'POST /api/pieces/{id}/signature' => self::COUNTER,
        'GET /api/pieces/{id}/pictures' => self::EVERYBODY,
        'POST /api/pieces/{id}/pictures' => self::EVERYBODY,
        'DELETE /api/pictures/{id}' => self::RESTORER,
        'GET /api/pictures/{id}/{digest}/{size}.jpg' => self::EVERYBODY,
        // the plan is the restorer's
        'GET /api/pieces/{id}/plan' => self::EVERYBODY,
        'POST /api/pieces/{id}/plan' => self::RESTORER,
        'POST /api/pieces/{id}/plan/change' => self::RESTORER,
        'GET /api/pieces/{id}/plan/schools/{school}' => self::EVERYBODY,
        'GET /api/schools' => self::EVERYBODY,
        'PUT /api/schools/{school}' => self::RESTORER,
        // colour: an apprentice reads and mixes; what is on the shelf is the restorer's
        'GET /api/colours' => self::EVERYBODY,
        'POST /api/colours' => self::RESTORER,
        'GET /api/colours/range' => self::EVERYBODY,
        'POST /api/colours/range' => self::RESTORER,
        // measuring on a picture: an apprentice looks
        'GET /api/pieces/{id}/measures' => self::EVERYBODY,
        'POST /api/pieces/{id}/measures/look' => self::HANDS,
        'POST /api/pieces/{id}/measures' => self::RESTORER,
        'DELETE /api/pieces/{id}/measures' => self::RESTORER,
        'PUT /api/pieces/{id}/measures/card' => self::RESTORER,
        // what is laid before an owner; prices and what was earned are the owner's of the workshop
        'GET /api/pieces/{id}/offer' => self::EVERYBODY,
        'POST /api/pieces/{id}/offer' => self::COUNTER,
        'PUT /api/pieces/{piece}/offer/{id}' => self::COUNTER,
        'GET /api/pieces/{id}/offer/{aim}/date' => self::EVERYBODY,
        'POST /api/pieces/{id}/supplements' => self::RESTORER,
        'PUT /api/pieces/{piece}/supplements/{id}' => self::COUNTER,
        'GET /api/care-of-a-year' => self::EVERYBODY,
        'GET /api/prices' => self::COUNTER,
        'PUT /api/prices' => self::OWNER,
        'GET /api/tickets/{id}/invoice' => self::EVERYBODY,
        'POST /api/tickets/{id}/invoice' => self::COUNTER,
        'GET /api/invoices' => self::COUNTER,
        'PUT /api/invoices/{id}/paid' => self::COUNTER,
        'GET /api/invoices.csv' => self::OWNER,
        'GET /api/figures' => self::OWNER,
        'GET /api/figures.csv' => self::OWNER,
        // the shelf: an apprentice takes, weighs and receives; what is kept and ordered is the restorer's
        'GET /api/shelf' => self::EVERYBODY,
        'POST /api/products' => self::RESTORER,
        'GET /api/products/{id}' => self::EVERYBODY,
        'PUT /api/products/{id}' => self::RESTORER,
        'POST /api/products/{id}/lots' => self::HANDS,
        'POST /api/products/{id}/sheet' => self::RESTORER,
        'GET /api/products/{id}/sheet' => self::EVERYBODY,
        'GET /api/lots' => self::EVERYBODY,
        'GET /api/lots/{id}' => self::EVERYBODY,
        'POST /api/lots/{id}/open' => self::HANDS,
        'DELETE /api/lots/{id}/open' => self::HANDS,
        'PUT /api/lots/{id}/left' => self::HANDS,
        'PUT /api/lots/{id}/place' => self::HANDS,
        'POST /api/lots/{id}/empty' => self::HANDS,
        'DELETE /api/lots/{id}/empty' => self::HANDS,
        'POST /api/lots/{id}/taken' => self::HANDS,
        'GET /api/pieces/{id}/products' => self::EVERYBODY,
        'PUT /api/pieces/{piece}/steps/{id}/taken' => self::HANDS,
        'GET /api/orders' => self::EVERYBODY,
        'POST /api/orders' => self::RESTORER,
        'POST /api/orders/{id}/received' => self::HANDS,
        'DELETE /api/orders/{id}' => self::RESTORER,
        'GET /api/orders.csv' => self::EVERYBODY,
        'GET /api/products.csv' => self::EVERYBODY,
        'POST /api/products/csv' => self::RESTORER,
        'GET /api/dyes/{ground}' => self::EVERYBODY,
        'POST /api/dyes/swatches' => self::HANDS,
        'POST /api/reader' => self::HANDS,
        'GET /api/pieces/{id}/colour' => self::EVERYBODY,
        'POST /api/pieces/{id}/readings' => self::HANDS,
        // owners and their pieces for life: to erase and to give out all that is known is the workshop's owner's
        'GET /api/owners/all' => self::EVERYBODY,
        'GET /api/owners.csv' => self::OWNER,
        'GET /api/owners/{id}' => self::EVERYBODY,
        'PUT /api/owners/{id}' => self::EVERYBODY,
        'DELETE /api/owners/{id}' => self::OWNER,
        'POST /api/owners/{id}/joined' => self::COUNTER,
        'GET /api/things' => self::EVERYBODY,
        'GET /api/owners/{id}/archive.zip' => self::OWNER,
        // everything, or one piece, out and in
        'POST /api/old-list' => self::OWNER,
        'GET /api/pieces/{id}/plan.csv' => self::EVERYBODY,
        'GET /api/ledger/{piece}.csv' => self::EVERYBODY,
        'GET /api/offers.csv' => self::OWNER,
        'GET /api/letters.pdf' => self::COUNTER,
        'GET /api/passports/{id}/care-card.pdf' => self::EVERYBODY,
        'GET /api/archive' => self::OWNER,
        'POST /api/archive' => self::OWNER,
        'GET /api/archive/{id}.tar' => self::OWNER,
        'GET /api/passports/{id}.tar' => self::RESTORER,
        'POST /api/passports/archive' => self::RESTORER,
        'GET /api/passports/{id}' => self::EVERYBODY,
        'GET /api/passports/tagged/{code}' => self::EVERYBODY,
        'GET /api/pieces/{id}/passport' => self::EVERYBODY,
        'PUT /api/passports/{id}/use' => self::EVERYBODY,
        'POST /api/passports/{id}/cares' => self::EVERYBODY,
        'PUT /api/passports/{id}/stored' => self::EVERYBODY,
        'PUT /api/passports/{id}/owner' => self::COUNTER,
        'POST /api/passports/{id}/care-page' => self::EVERYBODY,
        'DELETE /api/passports/{id}/care-page' => self::EVERYBODY,
        'GET /api/passports/{id}/care-card' => self::EVERYBODY,
        'GET /api/pieces/{id}/causes/{fault}' => self::EVERYBODY,
        'GET /api/pieces/{id}/like' => self::EVERYBODY,
        'GET /api/comes-back' => self::RESTORER,
        // what owners are told: the restorer writes; whoever is there rings up and posts
        'GET /api/season/{month}' => self::COUNTER,
        'GET /api/season/{month}/owners/{id}' => self::COUNTER,
        'POST /api/season' => self::COUNTER,
        'POST /api/tickets/{id}/messages' => self::COUNTER,
        'GET /api/messages' => self::EVERYBODY,
        'GET /api/message-texts/{occasion}' => self::EVERYBODY,
        'PUT /api/message-texts/{occasion}' => self::RESTORER,
        'POST /api/messages/{id}/done' => self::EVERYBODY,
        'POST /api/messages/{id}/stop' => self::COUNTER,
        'POST /api/messages/{id}/again' => self::COUNTER,
        // the ledger answers
        'GET /api/jobs' => self::EVERYBODY,
        'GET /api/jobs.csv' => self::RESTORER,
        'PUT /api/pieces/{id}/came-back' => self::EVERYBODY,
        'DELETE /api/pieces/{id}/came-back' => self::EVERYBODY,
        'GET /api/care/{address}' => self::ANYBODY,
        'GET /calendar/care/{address}.ics' => self::ANYBODY,
        'POST /api/pieces/{id}/settlings' => self::HANDS,
        'DELETE /api/settlings/{id}' => self::HANDS,
        'GET /api/pieces/{id}/readings.txt' => self::EVERYBODY,
        'POST /api/readings/{one}/against/{other}' => self::HANDS,
        'POST /api/readings/file' => self::HANDS,
        'POST /api/pictures/{id}/colour' => self::EVERYBODY,
        'POST /api/pieces/{id}/wanted-colours' => self::RESTORER,
        'POST /api/pieces/{id}/dye-choices' => self::RESTORER,
        'GET /api/pictures/{id}/card' => self::EVERYBODY,
        'GET /api/colours/card' => self::EVERYBODY,
        'GET /api/pots' => self::EVERYBODY,
        'POST /api/pots' => self::HANDS,
        'GET /api/pots/{id}' => self::EVERYBODY,
        'GET /api/pots/{id}/recipes' => self::EVERYBODY,
        'GET /api/pots/{id}/correction' => self::EVERYBODY,
        'GET /api/pots/{id}/label' => self::EVERYBODY,
        'GET /api/pots/{id}/eye' => self::EVERYBODY,
        'GET /api/pots/{id}/coats' => self::EVERYBODY,
        'PUT /api/pots/{id}/recipe' => self::HANDS,
        'POST /api/pots/{id}/again' => self::HANDS,
        'POST /api/pots/{id}/drops' => self::HANDS,
        'POST /api/pots/{id}/dabs' => self::HANDS,
        'POST /api/pots/{id}/coats' => self::HANDS,
        'PUT /api/pots/{id}/kept' => self::HANDS,
        'PUT /api/pots/{id}/drop-size' => self::HANDS,
        'POST /api/pots/{id}/portions' => self::HANDS,
        'PUT /api/pots/{id}/finish' => self::HANDS,
        'PUT /api/pots/{id}/jar' => self::HANDS,
        'PUT /api/pots/{id}/amount' => self::HANDS,
        'POST /api/pots/{id}/pour' => self::HANDS,
        'PUT /api/pots/{id}/name' => self::HANDS,
        'POST /api/pots/{id}/opened-again' => self::HANDS,
        'POST /api/pots/{id}/thrown-away' => self::HANDS,
        'POST /api/pots/{id}/used-again' => self::HANDS,
        // the ledger and the workshop
        'GET /api/ledger' => self::EVERYBODY,
        'GET /api/ledger/{piece}' => self::EVERYBODY,
        'GET /api/workshop' => self::EVERYBODY,
        // a restorer’s own hours; those of others are the owner’s (WorkshopTest)
        'PUT /api/workshop/people/{id}' => self::RESTORER,
        'POST /api/workshop/days' => self::RESTORER,
        'DELETE /api/workshop/days/{id}' => self::RESTORER,
        'PUT /api/workshop/stations' => self::RESTORER,
        'PUT /api/tickets/{id}' => self::COUNTER,
        'POST /api/tickets/{id}/pieces' => self::COUNTER,
        'POST /api/tickets/{id}/call-off' => self::COUNTER,
        'POST /api/pieces/{id}/back' => self::COUNTER,
        'PUT /api/pieces/{id}/has' => self::COUNTER,
        'GET /api/workshop/working-days' => self::EVERYBODY,
        'PUT /api/workshop/identity' => self::OWNER,
        'GET /api/tickets/{id}/leaving' => self::EVERYBODY,
        'POST /api/tickets/{id}/collect' => self::EVERYBODY,
        'POST /api/tickets/{id}/told' => self::EVERYBODY,
        'PUT /api/pieces/{id}/shelf' => self::EVERYBODY,
        'PUT /api/workshop/set-up' => self::RESTORER,
        'PUT /api/workshop/alarm' => self::RESTORER,
        'POST /api/workshop/learned/reset' => self::OWNER,
        // who works here, and one’s own sign-ins
        'GET /api/people' => self::OWNER,
        'POST /api/people' => self::OWNER,
        'PUT /api/people/{id}' => self::OWNER,
        'POST /api/people/{id}/word' => self::OWNER,
        'POST /api/people/{id}/left' => self::OWNER,
        'DELETE /api/people/{id}/left' => self::OWNER,
        'DELETE /api/people/{id}/sign-ins' => self::OWNER,
        'GET /api/own' => self::EVERYBODY,
        'PUT /api/password' => self::EVERYBODY,
        'POST /api/session/sure' => self::EVERYBODY,
        'GET /api/session/sure' => self::EVERYBODY,
        'DELETE /api/own/notes' => self::EVERYBODY,
        'PUT /api/own/pin' => self::EVERYBODY,
        'GET /api/own/second-factor' => self::EVERYBODY,
        'PUT /api/own/second-factor' => self::EVERYBODY,
        'DELETE /api/own/second-factor' => self::EVERYBODY,
        'DELETE /api/own/sign-ins/{id}' => self::EVERYBODY,
        'DELETE /api/own/sign-ins' => self::EVERYBODY,
        'GET /api/hands' => self::EVERYBODY,
        'POST /api/hands' => self::EVERYBODY,
        'POST /api/workshop/feeds' => self::OWNER,
        'DELETE /api/workshop/feeds/{id}' => self::EVERYBODY,
    ];

    public function testEveryRouteHasItsLine(): void
    {
        $routes = [];
        foreach (self::getContainer()->get(RouterInterface::class)->getRouteCollection() as $route) {
            self::assertNotSame([], $route->getMethods(), $route->getPath().' answers to every method');
            foreach ($route->getMethods() as $method) {
                $routes[] = $method.' '.$route->getPath();
            }
        }
        self::assertEqualsCanonicalizing(array_keys(self::ROUTES), $routes);
    }

    /** @return iterable<string, array{string, list<string|null>}> */
    public static function routes(): iterable
    {
        foreach (self::ROUTES as $route => $who) {
            yield $route => [$route, $who];
        }
    }

    /**
     * Whether they come in at all: what they are told then, about a piece that is not there, is another matter.
     *
     * @param list<string|null> $who
     */
    #[DataProvider('routes')]
    public function testEachOfThemComesInOrDoesNot(string $route, array $who): void
    {
        [$method, $path] = explode(' ', $route);
        $path = strtr($path, [
            '{code}' => 'abcdefghjk', '{fault}' => 'peels', '{month}' => '2026-12', '{occasion}' => 'late',
            '{digest}' => '0123456789ab', '{size}' => 'thumb', '{aim}' => 'keep', '{school}' => 'cleaning', '{secret}' => 'nobody', '{path}' => 'bench',
        ]);
        $path = preg_replace('/\{\w+\}/', '999999', $path) ?? '';
        foreach (self::ANYBODY as $login) {
            if (null === $login) {
                $this->client->getCookieJar()->clear();
            } else {
                $this->signIn($login);
            }
            $status = $this->ask($method, $path, 'GET' === $method ? null : []);
            $turnedAway = match (true) {
                '/api/sign-in' === $path => false,
                null === $login => 401 === $status,
                default => 403 === $status,
            };
            self::assertSame(!\in_array($login, $who, true), $turnedAway, \sprintf('%s as %s: %d', $route, $login ?? 'nobody', $status));
            self::assertLessThan(500, $status, $route);
        }
    }
}
