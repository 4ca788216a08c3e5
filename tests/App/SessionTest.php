<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\FrontEnd;
use KindHeel\App\People\Members;
use KindHeel\App\People\Passwords;
use KindHeel\App\People\Role;
use KindHeel\App\Running\Housekeeping;
use KindHeel\App\Security\SessionView;
use KindHeel\App\Security\SignInThrottle;
use KindHeel\App\Security\Tries;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\PasswordHasher\PasswordHasherInterface;
use Symfony\Component\Security\Http\Authenticator\AuthenticatorInterface;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;

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
        self::assertSame(1, $this->rows('sign_in_failure'));
        $this->clock->sleep(25 * 3600);
        self::getContainer()->get(Housekeeping::class)->round();
        self::assertSame(0, $this->rows('sign_in_failure'), 'the housekeeping takes what is of the day before');
    }

    public function testAPersonIsCountedHoweverTheirNameIsSpelt(): void
    {
        foreach (['wren', 'wrèn', 'WREN', 'wrén', 'Wrên'] as $name) {
            self::assertSame(401, $this->signIn($name, 'wrong'));
        }
        self::assertSame(429, $this->signIn('wren'));
        self::assertSame(429, $this->signIn('wrën'));
    }

    public function testStrangersSlowSomebodyButDoNotLockThemOut(): void
    {
        $from = fn (string $address) => $this->client->setServerParameter('REMOTE_ADDR', $address);
        for ($i = 0; $i < 20; ++$i) {
            $from('10.0.1.'.$i);
            self::assertSame(401, $this->signIn('ida', 'wrong'));
            $this->clock->sleep(11);
        }
        $from('10.0.2.1');
        self::assertSame(401, $this->signIn('ida', 'wrong'), 'slowly, the guessing may go on');
        self::assertSame(429, $this->signIn('ida'));
        self::assertSame('10', $this->client->getResponse()->headers->get('Retry-After'));
        $this->clock->sleep(11);
        $from('10.0.2.2');
        self::assertSame(200, $this->signIn('ida'), 'and the owner comes in');
        self::assertSame(200, $this->signIn('nell'), 'nobody else is slowed');
    }

    public function testKnockingWhileItRestsDoesNotMakeItLonger(): void
    {
        for ($i = 0; $i < 5; ++$i) {
            $this->signIn('tomas', 'wrong');
        }
        for ($minute = 0; $minute < 14; ++$minute) {
            $this->clock->sleep(60);
            self::assertSame(429, $this->signIn('tomas'));
        }
        $this->clock->sleep(61);
        self::assertSame(200, $this->signIn('tomas'));
    }

    public function testATryIsCountedBeforeItsPasswordIsLookedAtAndAnUnknownNameTakesAsLong(): void
    {
        $hasher = $this->createMock(PasswordHasherInterface::class);
        $hasher->expects(self::once())->method('hash')->willReturn('x');
        $hashers = $this->createStub(PasswordHasherFactoryInterface::class);
        $hashers->method('getPasswordHasher')->willReturn($hasher);
        $requests = self::getContainer()->get(RequestStack::class);
        $requests->push(Request::create('/api/sign-in'));
        $throttle = new SignInThrottle(new Tries($this->connection(), $this->clock, $requests), $requests, new Passwords($hashers));
        foreach (['tomas' => 1, 'nobody' => 2] as $name => $written) {
            $passport = new SelfValidatingPassport(new UserBadge($name, self::getContainer()->get(Members::class)->loadUserByIdentifier(...)));
            $throttle->check(new CheckPassportEvent($this->createStub(AuthenticatorInterface::class), $passport));
            self::assertSame($written, $this->rows('sign_in_failure'));
        }
    }

    public function testAnAddressIsTakenFromNoProxyThatIsNotNamed(): void
    {
        for ($i = 0; $i < 5; ++$i) {
            $this->ask('POST', '/api/sign-in', ['login' => 'tomas', 'password' => 'wrong'], ['X-Forwarded-For' => '10.9.9.'.$i]);
        }
        self::assertSame(429, $this->ask('POST', '/api/sign-in', ['login' => 'tomas', 'password' => 'open sesame'], ['X-Forwarded-For' => '10.9.9.99']));
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
        $build = self::getContainer()->get(FrontEnd::class)->entry()['script'] ?? '';
        self::assertSame($build, (string) $headers->get('X-Kind-Heel-Build'), 'a page that was kept sees that it is older');
        self::assertSame('nosniff', $headers->get('X-Content-Type-Options'));
        self::assertStringContainsString('no-store', (string) $headers->get('Cache-Control'));
        $cookie = $this->client->getCookieJar()->all()[0] ?? null;
        self::assertNotNull($cookie);
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('lax', $cookie->getSameSite());
    }
}
