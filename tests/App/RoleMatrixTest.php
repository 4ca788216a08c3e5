<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Routing\RouterInterface;

/** Every route of the application, and who may use it. A route without a line here fails. */
final class RoleMatrixTest extends ApiTestCase
{
    private const ANYBODY = 0;
    private const APPRENTICE = 1;
    private const RESTORER = 2;
    private const OWNER = 3;
    private const PEOPLE = [null, 'wren', 'tomas', 'ida'];

    /** The least that one must be: each may do what the one below may. */
    private const ROUTES = [
        // signing in, and what a screen needs before
        'GET /api/session' => self::ANYBODY,
        'POST /api/sign-in' => self::ANYBODY,
        'POST /api/sign-out' => self::ANYBODY,
        'GET /api/words' => self::ANYBODY,
        'GET /health' => self::ANYBODY,
        'GET /{path}' => self::ANYBODY,
        'GET /calendar/{secret}.ics' => self::ANYBODY,
        // the bench: whoever has hands
        'GET /api/bench' => self::APPRENTICE,
        'GET /api/bench/fit' => self::APPRENTICE,
        'POST /api/steps/{id}/start' => self::APPRENTICE,
        'POST /api/steps/{id}/done' => self::APPRENTICE,
        'POST /api/steps/{id}/interrupt' => self::APPRENTICE,
        'POST /api/steps/{id}/put-down' => self::APPRENTICE,
        'POST /api/steps/{id}/again' => self::APPRENTICE,
        'POST /api/steps/{id}/spoiled' => self::APPRENTICE,
        'POST /api/steps/{id}/compare' => self::APPRENTICE,
        'POST /api/steps/{id}/take-back' => self::APPRENTICE,
        'POST /api/steps/{id}/minutes' => self::APPRENTICE,
        'POST /api/steps/{id}/look' => self::APPRENTICE,
        'POST /api/steps/{id}/gate' => self::APPRENTICE,
        'POST /api/steps/{id}/hand-on' => self::APPRENTICE,
        'POST /api/pieces/{id}/place' => self::APPRENTICE,
        'POST /api/air' => self::APPRENTICE,
        'GET /api/air/what-if' => self::APPRENTICE,
        'POST /api/demo/forward' => self::APPRENTICE,
        // the counter
        'GET /api/tickets' => self::APPRENTICE,
        'GET /api/tickets/{id}' => self::APPRENTICE,
        'POST /api/tickets' => self::RESTORER,
        'GET /api/tickets/{id}/promise' => self::APPRENTICE,
        'POST /api/tickets/{id}/promise' => self::RESTORER,
        // looking over: an apprentice tries, photographs and takes apart; what a piece is is the restorer's word
        'GET /api/pieces/{id}' => self::APPRENTICE,
        'PUT /api/pieces/{id}/parts' => self::RESTORER,
        'POST /api/pieces/{id}/findings' => self::RESTORER,
        'POST /api/pieces/{id}/notes' => self::APPRENTICE,
        'POST /api/tickets/{id}/notes' => self::APPRENTICE,
        'POST /api/intake' => self::RESTORER,
        'GET /api/owners' => self::RESTORER,
        'GET /api/usual-jobs' => self::APPRENTICE,
        'POST /api/usual-jobs' => self::RESTORER,
        'DELETE /api/usual-jobs/{id}' => self::RESTORER,
        'DELETE /api/pieces/{id}/findings/{finding}' => self::RESTORER,
        'PUT /api/pieces/{id}/agreement' => self::RESTORER,
        'PUT /api/pieces/{id}/part-agreement' => self::RESTORER,
        'POST /api/pieces/{id}/trials' => self::APPRENTICE,
        'DELETE /api/pieces/{id}/trials/{trial}' => self::RESTORER,
        'PUT /api/pieces/{id}/off' => self::APPRENTICE,
        'POST /api/pieces/{id}/copy' => self::RESTORER,
        'GET /api/pieces/{id}/owner-page' => self::APPRENTICE,
        'GET /api/pieces/{id}/questions' => self::APPRENTICE,
        'POST /api/pieces/{id}/signature' => self::RESTORER,
        'GET /api/pieces/{id}/pictures' => self::APPRENTICE,
        'POST /api/pieces/{id}/pictures' => self::APPRENTICE,
        'DELETE /api/pictures/{id}' => self::RESTORER,
        'GET /api/pictures/{id}/{digest}/{size}.jpg' => self::APPRENTICE,
        // the plan is the restorer's
        'GET /api/pieces/{id}/plan' => self::APPRENTICE,
        'POST /api/pieces/{id}/plan' => self::RESTORER,
        'POST /api/pieces/{id}/plan/change' => self::RESTORER,
        'GET /api/pieces/{id}/plan/schools/{school}' => self::APPRENTICE,
        'GET /api/schools' => self::APPRENTICE,
        'PUT /api/schools/{school}' => self::RESTORER,
        // colour: an apprentice reads and mixes; what is on the shelf is the restorer's
        'GET /api/colours' => self::APPRENTICE,
        'POST /api/colours' => self::RESTORER,
        'GET /api/colours/range' => self::APPRENTICE,
        'POST /api/colours/range' => self::RESTORER,
        // measuring on a picture: an apprentice looks
        'GET /api/pieces/{id}/measures' => self::APPRENTICE,
        'POST /api/pieces/{id}/measures/look' => self::APPRENTICE,
        'POST /api/pieces/{id}/measures' => self::RESTORER,
        'DELETE /api/pieces/{id}/measures' => self::RESTORER,
        'PUT /api/pieces/{id}/measures/card' => self::RESTORER,
        // what is laid before an owner; prices and what was earned are the owner's of the workshop
        'GET /api/pieces/{id}/offer' => self::APPRENTICE,
        'POST /api/pieces/{id}/offer' => self::RESTORER,
        'PUT /api/pieces/{piece}/offer/{id}' => self::RESTORER,
        'GET /api/pieces/{id}/offer/{aim}/date' => self::APPRENTICE,
        'POST /api/pieces/{id}/supplements' => self::RESTORER,
        'PUT /api/pieces/{piece}/supplements/{id}' => self::RESTORER,
        'GET /api/care-of-a-year' => self::APPRENTICE,
        'GET /api/prices' => self::RESTORER,
        'PUT /api/prices' => self::OWNER,
        'GET /api/tickets/{id}/invoice' => self::APPRENTICE,
        'POST /api/tickets/{id}/invoice' => self::RESTORER,
        'GET /api/invoices' => self::RESTORER,
        'PUT /api/invoices/{id}/paid' => self::RESTORER,
        'GET /api/invoices.csv' => self::OWNER,
        'GET /api/figures' => self::OWNER,
        'GET /api/figures.csv' => self::OWNER,
        // the shelf: an apprentice takes, weighs and receives; what is kept and ordered is the restorer's
        'GET /api/shelf' => self::APPRENTICE,
        'POST /api/products' => self::RESTORER,
        'GET /api/products/{id}' => self::APPRENTICE,
        'PUT /api/products/{id}' => self::RESTORER,
        'POST /api/products/{id}/lots' => self::APPRENTICE,
        'POST /api/products/{id}/sheet' => self::RESTORER,
        'GET /api/products/{id}/sheet' => self::APPRENTICE,
        'GET /api/lots' => self::APPRENTICE,
        'GET /api/lots/{id}' => self::APPRENTICE,
        'POST /api/lots/{id}/open' => self::APPRENTICE,
        'DELETE /api/lots/{id}/open' => self::APPRENTICE,
        'PUT /api/lots/{id}/left' => self::APPRENTICE,
        'PUT /api/lots/{id}/place' => self::APPRENTICE,
        'POST /api/lots/{id}/empty' => self::APPRENTICE,
        'DELETE /api/lots/{id}/empty' => self::APPRENTICE,
        'POST /api/lots/{id}/taken' => self::APPRENTICE,
        'GET /api/pieces/{id}/products' => self::APPRENTICE,
        'PUT /api/pieces/{piece}/steps/{id}/taken' => self::APPRENTICE,
        'GET /api/orders' => self::APPRENTICE,
        'POST /api/orders' => self::RESTORER,
        'POST /api/orders/{id}/received' => self::APPRENTICE,
        'DELETE /api/orders/{id}' => self::RESTORER,
        'GET /api/orders.csv' => self::APPRENTICE,
        'GET /api/products.csv' => self::APPRENTICE,
        'POST /api/products/csv' => self::RESTORER,
        'GET /api/dyes/{ground}' => self::APPRENTICE,
        'POST /api/dyes/swatches' => self::APPRENTICE,
        'POST /api/reader' => self::APPRENTICE,
        'GET /api/pieces/{id}/colour' => self::APPRENTICE,
        'POST /api/pieces/{id}/readings' => self::APPRENTICE,
        // owners and their pieces for life: to erase and to give out all that is known is the workshop's owner's
        'GET /api/owners/all' => self::APPRENTICE,
        'GET /api/owners.csv' => self::OWNER,
        'GET /api/owners/{id}' => self::APPRENTICE,
        'PUT /api/owners/{id}' => self::APPRENTICE,
        'DELETE /api/owners/{id}' => self::OWNER,
        'POST /api/owners/{id}/joined' => self::RESTORER,
        'GET /api/owners/{id}/archive.zip' => self::OWNER,
        'GET /api/passports/{id}' => self::APPRENTICE,
        'GET /api/passports/tagged/{code}' => self::APPRENTICE,
        'GET /api/pieces/{id}/passport' => self::APPRENTICE,
        'PUT /api/passports/{id}/use' => self::APPRENTICE,
        'POST /api/passports/{id}/cares' => self::APPRENTICE,
        'PUT /api/passports/{id}/stored' => self::APPRENTICE,
        'PUT /api/passports/{id}/owner' => self::RESTORER,
        'POST /api/passports/{id}/care-page' => self::APPRENTICE,
        'DELETE /api/passports/{id}/care-page' => self::APPRENTICE,
        'GET /api/passports/{id}/care-card' => self::APPRENTICE,
        'GET /api/pieces/{id}/causes/{fault}' => self::APPRENTICE,
        'GET /api/pieces/{id}/like' => self::APPRENTICE,
        'GET /api/comes-back' => self::RESTORER,
        // what owners are told: the restorer writes; whoever is there rings up and posts
        'GET /api/season/{month}' => self::RESTORER,
        'GET /api/season/{month}/owners/{id}' => self::RESTORER,
        'POST /api/season' => self::RESTORER,
        'POST /api/tickets/{id}/messages' => self::RESTORER,
        'GET /api/messages' => self::APPRENTICE,
        'GET /api/message-texts/{occasion}' => self::APPRENTICE,
        'PUT /api/message-texts/{occasion}' => self::RESTORER,
        'POST /api/messages/{id}/done' => self::APPRENTICE,
        'POST /api/messages/{id}/stop' => self::RESTORER,
        'POST /api/messages/{id}/again' => self::RESTORER,
        // the ledger answers
        'GET /api/jobs' => self::APPRENTICE,
        'GET /api/jobs.csv' => self::RESTORER,
        'PUT /api/pieces/{id}/came-back' => self::APPRENTICE,
        'DELETE /api/pieces/{id}/came-back' => self::APPRENTICE,
        'GET /api/care/{address}' => self::ANYBODY,
        'GET /calendar/care/{address}.ics' => self::ANYBODY,
        'POST /api/pieces/{id}/settlings' => self::APPRENTICE,
        'DELETE /api/settlings/{id}' => self::APPRENTICE,
        'GET /api/pieces/{id}/readings.txt' => self::APPRENTICE,
        'POST /api/readings/{one}/against/{other}' => self::APPRENTICE,
        'POST /api/readings/file' => self::APPRENTICE,
        'POST /api/pictures/{id}/colour' => self::APPRENTICE,
        'POST /api/pieces/{id}/wanted-colours' => self::RESTORER,
        'POST /api/pieces/{id}/dye-choices' => self::RESTORER,
        'GET /api/pictures/{id}/card' => self::APPRENTICE,
        'GET /api/colours/card' => self::APPRENTICE,
        'GET /api/pots' => self::APPRENTICE,
        'POST /api/pots' => self::APPRENTICE,
        'GET /api/pots/{id}' => self::APPRENTICE,
        'GET /api/pots/{id}/recipes' => self::APPRENTICE,
        'GET /api/pots/{id}/correction' => self::APPRENTICE,
        'GET /api/pots/{id}/label' => self::APPRENTICE,
        'GET /api/pots/{id}/eye' => self::APPRENTICE,
        'GET /api/pots/{id}/coats' => self::APPRENTICE,
        'PUT /api/pots/{id}/recipe' => self::APPRENTICE,
        'POST /api/pots/{id}/again' => self::APPRENTICE,
        'POST /api/pots/{id}/drops' => self::APPRENTICE,
        'POST /api/pots/{id}/dabs' => self::APPRENTICE,
        'POST /api/pots/{id}/coats' => self::APPRENTICE,
        'PUT /api/pots/{id}/kept' => self::APPRENTICE,
        'PUT /api/pots/{id}/drop-size' => self::APPRENTICE,
        'POST /api/pots/{id}/portions' => self::APPRENTICE,
        'PUT /api/pots/{id}/finish' => self::APPRENTICE,
        'PUT /api/pots/{id}/jar' => self::APPRENTICE,
        'PUT /api/pots/{id}/amount' => self::APPRENTICE,
        'POST /api/pots/{id}/pour' => self::APPRENTICE,
        'PUT /api/pots/{id}/name' => self::APPRENTICE,
        'POST /api/pots/{id}/opened-again' => self::APPRENTICE,
        'POST /api/pots/{id}/thrown-away' => self::APPRENTICE,
        'POST /api/pots/{id}/used-again' => self::APPRENTICE,
        // the ledger and the workshop
        'GET /api/ledger' => self::APPRENTICE,
        'GET /api/ledger/{piece}' => self::APPRENTICE,
        'GET /api/workshop' => self::APPRENTICE,
        // a restorer’s own hours; those of others are the owner’s (WorkshopTest)
        'PUT /api/workshop/people/{id}' => self::RESTORER,
        'POST /api/workshop/days' => self::RESTORER,
        'DELETE /api/workshop/days/{id}' => self::RESTORER,
        'PUT /api/workshop/stations' => self::RESTORER,
        'PUT /api/tickets/{id}' => self::RESTORER,
        'POST /api/tickets/{id}/pieces' => self::RESTORER,
        'POST /api/tickets/{id}/call-off' => self::RESTORER,
        'POST /api/pieces/{id}/back' => self::RESTORER,
        'PUT /api/pieces/{id}/has' => self::RESTORER,
        'GET /api/workshop/working-days' => self::APPRENTICE,
        'PUT /api/workshop/identity' => self::OWNER,
        'GET /api/tickets/{id}/leaving' => self::APPRENTICE,
        'POST /api/tickets/{id}/collect' => self::APPRENTICE,
        'POST /api/tickets/{id}/told' => self::APPRENTICE,
        'PUT /api/pieces/{id}/shelf' => self::APPRENTICE,
        'PUT /api/workshop/set-up' => self::RESTORER,
        'PUT /api/workshop/alarm' => self::RESTORER,
        'POST /api/workshop/learned/reset' => self::OWNER,
        'POST /api/workshop/feeds' => self::OWNER,
        'DELETE /api/workshop/feeds/{id}' => self::APPRENTICE,
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

    /** @return iterable<string, array{string, int}> */
    public static function routes(): iterable
    {
        foreach (self::ROUTES as $route => $least) {
            yield $route => [$route, $least];
        }
    }

    /** Whether they come in at all: what they are told then, about a piece that is not there, is another matter. */
    #[DataProvider('routes')]
    public function testEachOfThemComesInOrDoesNot(string $route, int $least): void
    {
        [$method, $path] = explode(' ', $route);
        $path = strtr($path, [
            '{code}' => 'abcdefghjk', '{fault}' => 'peels', '{month}' => '2026-12', '{occasion}' => 'late',
            '{digest}' => '0123456789ab', '{size}' => 'thumb', '{aim}' => 'keep', '{school}' => 'cleaning', '{secret}' => 'nobody', '{path}' => 'bench',
        ]);
        $path = preg_replace('/\{\w+\}/', '999999', $path) ?? '';
        foreach (self::PEOPLE as $is => $login) {
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
            self::assertSame($is < $least, $turnedAway, \sprintf('%s as %s: %d', $route, $login ?? 'nobody', $status));
            self::assertLessThan(500, $status, $route);
        }
    }
}
