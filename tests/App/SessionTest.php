<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Database\Row;
use KindHeel\App\People\Role;
use KindHeel\App\Security\SessionView;

final class SessionTest extends ApiTestCase
{
    public function testSomebodySignsInAndOutAgain(): void
    {
        $this->refused(401, 'GET', '/api/bench');
        self::assertSame(200, $this->signIn('tomas'));
        $session = $this->must(SessionView::class, 'GET', '/api/session');
        self::assertSame(Role::Restorer, $session->person?->role);
        self::assertSame('Europe/Vienna', $session->timezone);
        $this->must(BenchView::class, 'GET', '/api/bench');
        self::assertNull($this->must(SessionView::class, 'POST', '/api/sign-out')->person);
        $this->refused(401, 'GET', '/api/bench');
    }

    public function testAWrongPasswordAndAWrongNameReadAlike(): void
    {
        $one = $this->refused(401, 'POST', '/api/sign-in', ['login' => 'tomas', 'password' => 'wrong']);
        $two = $this->refused(401, 'POST', '/api/sign-in', ['login' => 'nobody', 'password' => 'wrong']);
        self::assertEquals($one, $two);
    }

    public function testAfterFiveWrongPasswordsEvenTheRightOneWaitsAQuarterOfAnHour(): void
    {
        foreach (['tomas', 'Tomas', ' tomas', 'TOMAS', 'tomas'] as $i => $name) {
            self::assertSame(401, $this->signIn($name, 'wrong '.$i));
        }
        self::assertSame(429, $this->signIn('tomas'));
        self::assertSame('900', $this->client->getResponse()->headers->get('Retry-After'));
        self::assertSame(200, $this->signIn('nell'), 'others may');
        $this->clock->sleep(16 * 60);
        self::assertSame(200, $this->signIn('tomas'));
    }

    public function testWhoeverGuessesManyNamesFromOnePlaceWaitsTooAndOthersDoNot(): void
    {
        $from = fn (string $address) => $this->client->setServerParameter('REMOTE_ADDR', $address);
        $from('10.0.0.9');
        for ($i = 0; $i < 29; ++$i) {
            self::assertSame(401, $this->signIn('guess'.$i, 'wrong'));
        }
        self::assertSame(200, $this->signIn('tomas'), 'twenty-nine may be an awkward morning');
        self::assertSame(401, $this->signIn('guess30', 'wrong'));
        self::assertSame(429, $this->signIn('nell'), 'thirty are not');
        self::assertSame(429, $this->signIn('nobody', 'wrong'));
        $from('10.0.0.10');
        self::assertSame(200, $this->signIn('nell'), 'from another place it is open');
        $from('10.0.0.9');
        $this->clock->sleep(15 * 60 + 1);
        self::assertSame(200, $this->signIn('nell'));
    }

    public function testOnesOwnWrongTriesAreForgottenOnceOneIsInAndThoseOfTheDayBeforeAsWell(): void
    {
        for ($i = 0; $i < 4; ++$i) {
            $this->signIn('tomas', 'wrong');
        }
        self::assertSame(200, $this->signIn('tomas'));
        for ($i = 0; $i < 4; ++$i) {
            $this->signIn('tomas', 'wrong');
        }
        self::assertSame(200, $this->signIn('TOMAS '), 'however it is written');
        $this->signIn('tomas', 'wrong');
        $this->clock->sleep(25 * 3600);
        $this->signIn('nell', 'wrong');
        self::assertSame(1, $this->rows('sign_in_failure'));
    }

    public function testWhatChangesSomethingCarriesTheTokenOfItsSession(): void
    {
        $this->signIn();
        $status = $this->ask('POST', '/api/air', ['tempC' => 20.0, 'humidity' => 50.0], ['X-CSRF-Token' => 'made up']);
        self::assertSame(403, $status);
        self::assertSame('csrf', $this->answered(ToldProblem::class)->type);
        $status = $this->ask('POST', '/api/air', ['tempC' => 20.0, 'humidity' => 50.0], ['Sec-Fetch-Site' => 'cross-site']);
        self::assertSame(403, $status);
        self::assertSame(403, $this->ask('POST', '/api/air', ['tempC' => 20.0, 'humidity' => 50.0], ['Origin' => 'http://elsewhere.test']));
        self::assertSame(403, $this->ask('POST', '/api/sign-in', ['login' => 'tomas', 'password' => 'open sesame'], ['Origin' => 'http://elsewhere.test']));
        self::assertSame(3, $this->rows('air_reading'));
        self::assertSame(200, $this->ask('POST', '/api/air', ['tempC' => 20.0, 'humidity' => 50.0], ['Origin' => 'http://localhost']));
    }

    public function testWhoseSessionHasEndedIsAskedToSignInAndNotRefused(): void
    {
        $this->signIn();
        self::assertSame(200, $this->ask('POST', '/api/air', ['tempC' => 20.0, 'humidity' => 50.0]));
        $this->client->getCookieJar()->clear();
        self::assertSame(401, $this->ask('POST', '/api/air', ['tempC' => 21.0, 'humidity' => 50.0]), 'whatever token the page still holds');
        $this->signIn();
        self::assertSame(200, $this->ask('POST', '/api/air', ['tempC' => 21.0, 'humidity' => 50.0]));
    }

    public function testAVisitAloneKeepsNothing(): void
    {
        $this->ask('GET', '/api/session');
        self::assertSame([], $this->client->getCookieJar()->all());
        self::assertSame('', $this->answered(SessionView::class)->csrfToken);
        self::assertSame(401, $this->ask('POST', '/api/air', ['tempC' => 21.0, 'humidity' => 50.0]));
        self::assertSame([], $this->client->getCookieJar()->all());
    }

    public function testPasswordsAreHashedAndAnswersCarryTheHeaders(): void
    {
        foreach (Row::all($this->connection(), 'SELECT password_hash FROM person') as $row) {
            self::assertTrue(password_verify('open sesame', $row->text('password_hash')));
        }
        $this->signIn();
        $headers = $this->client->getResponse()->headers;
        self::assertStringContainsString("script-src 'self'", (string) $headers->get('Content-Security-Policy'));
        self::assertStringNotContainsString('unsafe', (string) $headers->get('Content-Security-Policy'));
        self::assertSame('nosniff', $headers->get('X-Content-Type-Options'));
        self::assertStringContainsString('no-store', (string) $headers->get('Cache-Control'));
        $cookie = $this->client->getCookieJar()->all()[0] ?? null;
        self::assertNotNull($cookie);
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('lax', $cookie->getSameSite());
    }
}
