<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\People\AccountNoteView;
use KindHeel\App\People\Members;
use KindHeel\App\People\Passwords;
use KindHeel\App\People\Role;
use KindHeel\App\People\TimeCode;
use KindHeel\App\Running\Housekeeping;
use KindHeel\App\Security\HandsView;
use KindHeel\App\Security\HandView;
use KindHeel\App\Security\OwnView;
use KindHeel\App\Security\SecondFactorView;
use KindHeel\App\Security\SessionView;
use KindHeel\App\Staff\StaffRowView;
use KindHeel\App\Staff\StaffView;
use KindHeel\App\Workshop\WorkshopView;
use KindHeel\Core\Text\FieldError;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/** People come and go, forget their password, share a tablet; and what matters asks for the password once more. */
final class StaffTest extends ApiTestCase
{
    private const NEW = 'seven wet lasts dry';

    public function testSomebodyNewComesInByAWordAndHasNothingBeforeAPasswordOfTheirOwn(): void
    {
        $this->signIn('ida');
        $made = $this->must(StaffView::class, 'POST', '/api/people', ['name' => ' Bram Oduya ', 'login' => 'Bram', 'role' => 'apprentice'], 201);
        $word = $made->word ?? '';
        self::assertMatchesRegularExpression('/^[a-z2-9]{4}-[a-z2-9]{4}-[a-z2-9]{4}$/', $word);
        self::assertSame('Bram Oduya', self::row($made, 'bram')->name);
        self::assertSame(Role::Apprentice, self::row($made, 'bram')->role);
        self::assertSame(0, $this->connection()->fetchOne("SELECT COUNT(*) FROM remembered_answer WHERE body LIKE '%$word%'"));
        self::assertNull($this->staff()->word, 'it is shown once');

        self::assertSame(200, $this->signIn('bram', $word));
        $session = $this->must(SessionView::class, 'GET', '/api/session');
        self::assertTrue($session->person?->mustChange);
        self::assertNull($session->workshop);
        foreach (['/api/bench', '/api/own', '/api/tickets'] as $path) {
            $this->refused(403, 'GET', $path);
        }
        self::assertSame('password', $this->refused(422, 'PUT', '/api/password', ['password' => 'short'])->errors[0]->field);
        $session = $this->must(SessionView::class, 'PUT', '/api/password', ['password' => self::NEW]);
        self::assertFalse($session->person?->mustChange);
        $this->must(BenchView::class, 'GET', '/api/bench');
        self::assertSame(401, $this->signIn('bram', $word), 'once');
        self::assertSame(200, $this->signIn('bram', self::NEW));
    }

    public function testWhoeverSignsInOtherwiseIsToldUntilTheySayThatItWasThem(): void
    {
        $notes = fn (): array => array_map(
            static fn (AccountNoteView $n): string => $n->what->value,
            $this->must(SessionView::class, 'GET', '/api/session')->person->notes ?? [],
        );
        $firefox = ['User-Agent' => 'Mozilla/5.0 (X11; Linux x86_64) Firefox/130'];
        $this->signIn();
        self::assertSame([], $notes(), 'the first browser of all is theirs');
        $this->client->getCookieJar()->clear();
        self::assertSame(200, $this->ask('POST', '/api/sign-in', ['login' => 'tomas', 'password' => 'open sesame'], $firefox));
        self::assertSame(['elsewhere'], $notes());
        $this->must(OwnView::class, 'PUT', '/api/own/pin', ['pin' => '5309']);
        self::assertSame(200, $this->ask('PUT', '/api/password', ['was' => 'open sesame', 'password' => self::NEW]), $this->content());
        self::assertSame(['new-password', 'short-number', 'elsewhere'], $notes(), 'on every device where they are signed in');
        $this->must(OwnView::class, 'DELETE', '/api/own/notes');
        self::assertSame([], $notes());

        $this->signIn('ida');
        self::assertSame([], $notes(), 'nobody else is told');
        $tomas = self::row($this->staff(), 'tomas');
        $word = $this->must(StaffView::class, 'POST', "/api/people/{$tomas->id}/word", ['version' => $tomas->version])->word ?? '';
        $this->signIn('tomas', $word);
        self::assertSame([], $notes(), 'first a password of their own');
        $session = $this->must(SessionView::class, 'PUT', '/api/password', ['password' => 'eleven dry cloths']);
        self::assertSame('word-given', $session->person->notes[0]->what->value ?? '');
        self::assertCount(1, $session->person->notes ?? [], 'that they have just set one is known to them');
    }

    public function testAWordThatIsTooOldOpensNothing(): void
    {
        $this->signIn('ida');
        $word = $this->must(StaffView::class, 'POST', '/api/people', ['name' => 'Bram', 'login' => 'bram', 'role' => 'counter'], 201)->word ?? '';
        $this->connection()->executeStatement("UPDATE person SET one_time_until = UTC_TIMESTAMP() - INTERVAL 1 MINUTE WHERE login = 'bram'");
        self::assertSame(401, $this->signIn('bram', $word));
    }

    public function testAForgottenPasswordIsReplacedByAWordAndEndsEverySignIn(): void
    {
        $this->signIn('tomas');
        $tomas = $this->client->getCookieJar()->all();
        $this->signIn('ida');
        $row = self::row($this->staff(), 'tomas');
        self::assertSame(1, $row->signedIn);
        $given = $this->must(StaffView::class, 'POST', "/api/people/$row->id/word", ['version' => $row->version]);
        self::assertSame($row->id, $given->wordFor);
        self::assertNotNull(self::row($given, 'tomas')->wordUntil);
        self::assertSame('changed-meanwhile', $this->refused(409, 'POST', "/api/people/$row->id/word", ['version' => $row->version])->type);
        $this->client->getCookieJar()->clear();
        foreach ($tomas as $cookie) {
            $this->client->getCookieJar()->set($cookie);
        }
        $this->refused(401, 'GET', '/api/bench');
        self::assertSame(401, $this->signIn('tomas'), 'the forgotten one opens no more');
        self::assertSame(200, $this->signIn('tomas', $given->word ?? ''));
    }

    public function testAnOwnerWhoIsAloneIsGivenAWordAtTheConsole(): void
    {
        $tester = new CommandTester((new Application(self::$kernel ?? self::bootKernel()))->find('people:word'));
        $tester->execute(['login' => 'IDA']);
        self::assertSame(1, preg_match('/[a-z2-9]{4}-[a-z2-9]{4}-[a-z2-9]{4}/', $tester->getDisplay(), $word));
        self::assertSame(401, $this->signIn('ida'));
        self::assertSame(200, $this->signIn('ida', $word[0] ?? ''));
        self::assertSame(1, $tester->execute(['login' => 'nobody']));
    }

    public function testWhoLeavesSignsInNoMoreButTheirPastStays(): void
    {
        $this->signIn('tomas');
        $piece = $this->plannedPair();
        $this->ask('POST', "/api/pieces/$piece/notes", ['text' => 'The welt is sound.']);
        $this->signIn('ida');
        $row = self::row($this->staff(), 'tomas');
        $this->must(WorkshopView::class, 'POST', '/api/workshop/days', ['day' => '2026-12-24', 'person' => $row->id, 'shifts' => [], 'why' => 'away']);
        $this->must(StaffView::class, 'POST', "/api/people/$row->id/left", ['version' => $row->version]);
        self::assertSame(401, $this->signIn('tomas'));
        $this->signIn('ida');
        self::assertSame(['Tomas'], $this->connection()->fetchFirstColumn(
            "SELECT DISTINCT w.name FROM ledger_entry e JOIN person w ON w.id = e.person_id WHERE e.text LIKE '%welt is sound%'",
        ));
        $workshop = $this->must(WorkshopView::class, 'GET', '/api/workshop');
        self::assertSame(['Ida', 'Nell', 'Wren'], array_column($workshop->people, 'name'), 'neither who left nor the counter is a pair of hands');
        self::assertSame([], $workshop->days);
        self::assertSame(['Ida', 'Nell', 'Wren'], array_column($this->must(BenchView::class, 'GET', '/api/bench')->tapes, 'name'));
        $row = self::row($this->staff(), 'tomas');
        self::assertNotNull($row->leftOn);
        $this->refused(409, 'POST', "/api/people/$row->id/word", ['version' => $row->version]);
        $back = $this->must(StaffView::class, 'DELETE', "/api/people/$row->id/left", ['version' => $row->version]);
        self::assertSame(200, $this->signIn('tomas', $back->word ?? ''));
    }

    public function testWhoHasSomethingInHandStaysUntilItIsPutDown(): void
    {
        $this->signIn('tomas');
        $this->plannedPair();
        $call = $this->must(BenchView::class, 'GET', '/api/bench')->calls[0] ?? self::fail('nothing calls');
        self::assertSame(200, $this->ask('POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version, 'why' => 'Now.']), $this->content());
        $this->signIn('ida');
        $row = self::row($this->staff(), 'tomas');
        self::assertStringContainsString('in hand', $this->refused(409, 'POST', "/api/people/$row->id/left", ['version' => $row->version])->detail);
        self::assertStringContainsString('in hand', $this->refused(409, 'PUT', "/api/people/$row->id", [
            'name' => 'Tomas', 'login' => 'tomas', 'role' => 'counter', 'version' => $row->version,
        ])->detail);
    }

    public function testThereIsAlwaysAnOwner(): void
    {
        $this->signIn('ida');
        $ida = self::row($this->staff(), 'ida');
        $less = ['name' => 'Ida', 'login' => 'ida', 'role' => 'restorer', 'version' => $ida->version];
        self::assertStringContainsString('somebody else owner first', $this->refused(409, 'PUT', "/api/people/$ida->id", $less)->detail);
        $this->refused(409, 'POST', "/api/people/$ida->id/left", ['version' => $ida->version]);
        $nell = self::row($this->staff(), 'nell');
        $this->must(StaffView::class, 'PUT', "/api/people/$nell->id", ['name' => 'Nell', 'login' => 'nell', 'role' => 'owner', 'version' => $nell->version]);
        $this->must(StaffView::class, 'PUT', "/api/people/$ida->id", $less);
        $this->refused(401, 'GET', '/api/bench');
        self::assertSame(200, $this->signIn('ida'), 'who may less signs in anew');
        $this->refused(403, 'GET', '/api/people');
    }

    public function testALoginBelongsToOnePersonForGood(): void
    {
        $this->signIn('ida');
        $again = $this->refused(422, 'POST', '/api/people', ['name' => 'Another', 'login' => 'TOMAS', 'role' => 'restorer']);
        self::assertSame('login', $again->errors[0]->field);
        foreach ([['name' => '', 'login' => 'x1'], ['name' => "A\x07", 'login' => 'x1'], ['name' => 'A', 'login' => 'a b']] as $wrong) {
            $this->refused(422, 'POST', '/api/people', $wrong + ['role' => 'restorer']);
        }
        self::assertSame(5, $this->rows('person'));
    }

    public function testWhatMattersAsksForThePasswordOnceMoreAfterAQuarterOfAnHour(): void
    {
        $this->signIn('ida');
        $this->connection()->executeStatement('UPDATE sign_in SET sure_at = UTC_TIMESTAMP() - INTERVAL 16 MINUTE');
        $new = ['name' => 'Bram', 'login' => 'bram', 'role' => 'counter'];
        self::assertSame('password-asked', $this->refused(403, 'POST', '/api/people', $new)->type);
        self::assertSame('password-asked', $this->refused(403, 'PUT', '/api/own/pin', ['pin' => '4711'])->type);
        self::assertSame('password-asked', $this->refused(403, 'DELETE', '/api/owners/1')->type);
        self::assertSame('password', $this->refused(422, 'POST', '/api/session/sure', ['password' => 'wrong'])->errors[0]->field);
        $this->must(OwnView::class, 'POST', '/api/session/sure', ['password' => 'open sesame']);
        $this->must(StaffView::class, 'POST', '/api/people', $new, 201);
        for ($try = 0; $try < 5; ++$try) {
            $this->ask('POST', '/api/session/sure', ['password' => 'wrong '.$try]);
        }
        $this->refused(429, 'POST', '/api/session/sure', ['password' => 'open sesame']);
    }

    public function testOnesOwnPasswordIsChangedByWhoKnowsItAndEndsEveryOtherSignIn(): void
    {
        $this->signIn('wren');
        $elsewhere = $this->client->getCookieJar()->all();
        $this->signIn('wren');
        self::assertCount(2, $this->own()->signIns);
        self::assertSame('was', $this->refused(422, 'PUT', '/api/password', ['was' => 'wrong', 'password' => self::NEW])->errors[0]->field);
        $this->refused(422, 'PUT', '/api/password', ['was' => 'open sesame', 'password' => 'open sesame']);
        $session = $this->must(SessionView::class, 'PUT', '/api/password', ['was' => 'open sesame', 'password' => self::NEW]);
        self::assertSame('Wren', $session->person?->name);
        self::assertCount(1, $this->own()->signIns);
        $this->client->getCookieJar()->clear();
        foreach ($elsewhere as $cookie) {
            $this->client->getCookieJar()->set($cookie);
        }
        $this->refused(401, 'GET', '/api/bench');
        self::assertSame(401, $this->signIn('wren'));
        self::assertSame(200, $this->signIn('wren', self::NEW));
    }

    public function testSigningOutEverywhereLeavesThisPlaceAlone(): void
    {
        $this->client->setServerParameter('HTTP_USER_AGENT', 'Mozilla/5.0 (Linux; Android 13) Chrome/120 Safari/537');
        $this->signIn('tomas');
        $tablet = $this->client->getCookieJar()->all();
        $this->client->setServerParameter('HTTP_USER_AGENT', 'Mozilla/5.0 (X11; Linux x86_64) Firefox/128.0');
        $this->signIn('tomas');
        $places = $this->own()->signIns;
        self::assertSame(['Firefox on Linux', 'Chrome on Android'], array_column($places, 'device'));
        self::assertSame([true, false], array_column($places, 'here'));
        self::assertCount(1, $this->must(OwnView::class, 'DELETE', '/api/own/sign-ins')->signIns);
        $this->must(BenchView::class, 'GET', '/api/bench');
        $this->client->getCookieJar()->clear();
        foreach ($tablet as $cookie) {
            $this->client->getCookieJar()->set($cookie);
        }
        $this->refused(401, 'GET', '/api/bench');
        $this->signIn('wren');
        $this->must(OwnView::class, 'DELETE', '/api/own/sign-ins/'.$places[0]->id);
        self::assertSame(
            1,
            $this->connection()->fetchOne('SELECT COUNT(*) FROM sign_in WHERE ended_at IS NULL AND id = ?', [$places[0]->id]),
            'nobody ends another’s'
        );
    }

    #[DataProvider('ends')]
    public function testASignInEndsAfterAWeekAndAfterAnIdleNight(string $set): void
    {
        $this->signIn('tomas');
        $this->connection()->executeStatement("UPDATE sign_in SET $set");
        $this->refused(401, 'GET', '/api/bench');
    }

    /** @return iterable<string, array{string}> */
    public static function ends(): iterable
    {
        yield 'a week' => ['began_at = UTC_TIMESTAMP() - INTERVAL 169 HOUR'];
        yield 'a night' => ['seen_at = UTC_TIMESTAMP() - INTERVAL 17 HOUR'];
        yield 'ended from elsewhere' => ['ended_at = UTC_TIMESTAMP()'];
    }

    public function testThatSomebodyIsThereIsWrittenDownOnceInTenMinutes(): void
    {
        $this->signIn('tomas');
        $seen = fn (): mixed => $this->connection()->fetchOne('SELECT seen_at > UTC_TIMESTAMP() - INTERVAL 1 MINUTE FROM sign_in');
        $this->connection()->executeStatement('UPDATE sign_in SET seen_at = UTC_TIMESTAMP() - INTERVAL 9 MINUTE');
        $this->ask('GET', '/api/session');
        self::assertSame(0, $seen());
        $this->connection()->executeStatement('UPDATE sign_in SET seen_at = UTC_TIMESTAMP() - INTERVAL 11 MINUTE');
        $this->ask('GET', '/api/session');
        self::assertSame(1, $seen());
    }

    public function testATabletIsTakenOverByAShortNumberButNotForWhatMatters(): void
    {
        $this->signIn('ida');
        foreach (['12', '1111', '1234', '9876', '1987', 'abcd'] as $easy) {
            $this->refused(422, 'PUT', '/api/own/pin', ['pin' => $easy]);
        }
        self::assertTrue($this->must(OwnView::class, 'PUT', '/api/own/pin', ['pin' => '2580'])->hasPin);
        $this->signIn('wren');
        $began = $this->connection()->fetchOne('SELECT MAX(id) FROM sign_in');
        $this->connection()->executeStatement('UPDATE sign_in SET began_at = began_at - INTERVAL 3 DAY WHERE id = ?', [$began]);
        $hands = $this->must(HandsView::class, 'GET', '/api/hands')->hands;
        self::assertSame(['Ida'], array_map(static fn (HandView $h): string => $h->name, $hands));
        $session = $this->must(SessionView::class, 'POST', '/api/hands', ['person' => $hands[0]->id, 'pin' => '2580']);
        self::assertSame('Ida', $session->person?->name);
        self::assertSame(Role::Owner, $session->person->role);
        $this->must(StaffView::class, 'GET', '/api/people');
        self::assertSame('password-asked', $this->refused(403, 'POST', '/api/people', ['name' => 'B', 'login' => 'bb', 'role' => 'owner'])->type);
        self::assertSame(
            1,
            $this->connection()->fetchOne('SELECT began_at < UTC_TIMESTAMP() - INTERVAL 2 DAY FROM sign_in ORDER BY id DESC LIMIT 1'),
            'it does not last longer than the sign-in it took over'
        );
        self::assertTrue($this->own()->signIns[0]->byPin);
    }

    public function testAfterFiveWrongNumbersOnlyThePasswordOpens(): void
    {
        $this->signIn('ida');
        $this->must(OwnView::class, 'PUT', '/api/own/pin', ['pin' => '2580']);
        $this->signIn('wren');
        $ida = $this->must(HandsView::class, 'GET', '/api/hands')->hands[0]->id;
        for ($left = 4; $left >= 0; --$left) {
            $said = $this->refused(422, 'POST', '/api/hands', ['person' => $ida, 'pin' => '0852'])->detail;
            self::assertStringContainsString(0 === $left ? 'the last try' : (1 === $left ? 'One try is left' : "$left tries are left"), $said);
        }
        $this->refused(409, 'POST', '/api/hands', ['person' => $ida, 'pin' => '2580']);
        self::assertSame([], $this->must(HandsView::class, 'GET', '/api/hands')->hands);
        $this->signIn('ida');
        $this->signIn('wren');
        $this->must(SessionView::class, 'POST', '/api/hands', ['person' => $ida, 'pin' => '2580']);
        $this->refused(409, 'POST', '/api/hands', ['person' => 999_999, 'pin' => '2580']);
    }

    public function testASecondFactorIsAskedForAndNoNumberOfItIsTakenTwice(): void
    {
        $this->signIn('ida');
        $new = $this->must(SecondFactorView::class, 'GET', '/api/own/second-factor');
        self::assertStringStartsWith('otpauth://totp/', $new->address);
        $this->refused(422, 'PUT', '/api/own/second-factor', ['secret' => $new->secret, 'code' => '000000x']);
        $key = self::base32($new->secret);
        // The next is taken as well: a clock may be fast.
        $code = static fn (int $ahead): string => TimeCode::of($key, intdiv(time(), TimeCode::STEP_S) + $ahead);
        self::assertTrue($this->must(OwnView::class, 'PUT', '/api/own/second-factor', ['secret' => $new->secret, 'code' => $code(0)])->hasSecondFactor);
        $this->client->getCookieJar()->clear();
        self::assertSame('second-factor', $this->refused(401, 'POST', '/api/sign-in', ['login' => 'ida', 'password' => 'open sesame'])->type);
        $in = ['login' => 'ida', 'password' => 'open sesame', 'code' => $code(1)];
        self::assertSame(200, $this->ask('POST', '/api/sign-in', $in));
        $this->client->getCookieJar()->clear();
        self::assertSame('second-factor', $this->refused(401, 'POST', '/api/sign-in', $in)->type, 'it was used');
        self::assertSame('about:blank', $this->refused(401, 'POST', '/api/sign-in', ['password' => 'wrong'] + $in)->type, 'nobody learns there is one');
    }

    public function testOutsideTheDemoNoPasswordOfTheDemoOpensAnything(): void
    {
        $hash = password_hash('lantern-ida', \PASSWORD_BCRYPT, ['cost' => 4]);
        $this->connection()->executeStatement("UPDATE person SET password_hash = ? WHERE login = 'ida'", [$hash]);
        self::assertSame(401, $this->signIn('ida', 'lantern-ida'));
    }

    #[DataProvider('passwords')]
    public function testAPasswordIsHardToGuess(string $password, bool $will): void
    {
        if (!$will) {
            $this->expectException(FieldError::class);
        }
        Passwords::mustDo($password, 'mara', 'Mara Quill');
        self::assertTrue($will);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function passwords(): iterable
    {
        yield 'words' => ['seven wet lasts', true];
        yield 'letters of another script' => ['семь мокрых колодок', true];
        yield 'eleven letters' => ['wetlastsdry', false];
        yield 'too long' => [str_repeat('ab cde fg ', 13), false];
        yield 'one letter' => ['aaaaaaaaaaaaaaa', false];
        yield 'what everybody takes' => ['Password12345', false];
        yield 'the same twice' => ['letmeinletmein', false];
        yield 'a row of keys' => ['qwertyuiop123', false];
        yield 'on every list' => ['1qaz2wsx3edc4rfv', false];
        yield 'on every list, with a year' => ['Sunshine2026!!', false];
        yield 'digits' => ['492058371645', false];
        yield 'their names' => ['mara-quill-mara', false];
        yield 'the demo’s' => ['lantern-tomas-x', false];
    }

    public function testTheCounterIsNoPairOfHands(): void
    {
        $this->signIn('cora');
        $session = $this->must(SessionView::class, 'GET', '/api/session')->person;
        self::assertSame([false, true, false], [$session?->mayPlan, $session?->mayReceive, $session?->works]);
        self::assertSame(201, $this->ask('POST', '/api/tickets', $this->ticketBody()), $this->content());
        $this->expectException(FieldError::class);
        self::getContainer()->get(Members::class)->hands((int) $session?->id);
    }

    public function testWhatIsLongOverIsForgotten(): void
    {
        $this->signIn('tomas');
        $this->signIn('wren');
        $this->connection()->executeStatement('UPDATE sign_in SET seen_at = UTC_TIMESTAMP() - INTERVAL 61 DAY ORDER BY id LIMIT 1');
        self::getContainer()->get(Housekeeping::class)->round();
        self::assertSame(1, $this->rows('sign_in'));
    }

    private static function base32(string $secret): string
    {
        $bits = implode('', array_map(
            static fn (string $l): string => \sprintf('%05b', strpos('ABCDEFGHIJKLMNOPQRSTUVWXYZ234567', $l)),
            str_split($secret),
        ));

        return implode('', array_map(static fn (string $b): string => \chr((int) bindec($b)), str_split($bits, 8)));
    }

    private function staff(): StaffView
    {
        return $this->must(StaffView::class, 'GET', '/api/people');
    }

    private function own(): OwnView
    {
        return $this->must(OwnView::class, 'GET', '/api/own');
    }

    private static function row(StaffView $staff, string $login): StaffRowView
    {
        return array_values(array_filter($staff->people, static fn (StaffRowView $r): bool => $login === $r->login))[0] ?? self::fail($login);
    }
}
