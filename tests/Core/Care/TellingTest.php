<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Care;

use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Care\CareDue;
use KindHeel\Core\Care\CareKind;
use KindHeel\Core\Care\CareSchedule;
use KindHeel\Core\Care\CareUse;
use KindHeel\Core\Care\Daytime;
use KindHeel\Core\Care\LetterText;
use KindHeel\Core\Care\Season;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\FieldError;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Owners are told what is due: in words with facts filled in, by day, of each care once a round. */
final class TellingTest extends TestCase
{
    public function testFactsAreFilledInAsTheyAre(): void
    {
        $facts = ['owner' => 'Ada {pieces} Lund', 'pieces' => '<b>the oxfords</b>'];
        $filled = LetterText::fill('Dear {owner}, { pieces } { owner', $facts, 'text');
        self::assertSame('Dear Ada {pieces} Lund, <b>the oxfords</b> { owner', $filled);
    }

    public function testWhatNobodyKnowsIsNotSent(): void
    {
        try {
            LetterText::fill('Dear {owner}, {soon}', ['owner' => 'Ada', 'pieces' => ''], 'subject');
            self::fail('It was filled in.');
        } catch (FieldError $error) {
            self::assertSame('subject', $error->field);
            self::assertSame('Nothing is known of {soon}. What can be filled in: {owner} and {pieces}.', $error->getMessage());
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function hours(): iterable
    {
        yield 'in the middle of the day' => ['2026-03-28 12:00', '2026-03-28 12:00'];
        yield 'at eight sharp' => ['2026-03-28 08:00', '2026-03-28 08:00'];
        yield 'before eight' => ['2026-03-28 07:59', '2026-03-28 08:00'];
        yield 'at eight in the evening' => ['2026-03-28 20:00', '2026-03-29 08:00'];
        yield 'over the night in which the clock goes forward' => ['2026-03-28 23:30', '2026-03-29 08:00'];
    }

    #[DataProvider('hours')]
    public function testNobodyIsWokenUp(string $at, string $next): void
    {
        $zone = new \DateTimeZone('Europe/Vienna');
        self::assertSame($next, Daytime::next(new \DateTimeImmutable($at, $zone))->format('Y-m-d H:i'));
    }

    public function testASeasonTellsOfWhatIsDueInItAndOfWhatWasMissed(): void
    {
        $zone = new \DateTimeZone('Europe/Vienna');
        $day = static fn (string $d): \DateTimeImmutable => new \DateTimeImmutable($d, $zone);
        $season = Season::of($day('2026-12-01'), $day('2026-12-10'));
        $care = static fn (CareKind $kind, string $at, int $every): CareDue => new CareDue($kind, $day($at), $every, '', '');
        $told = $season->toTell([
            $care(CareKind::Feed, '2026-09-01', 180), $care(CareKind::Protect, '2026-12-31', 91), $care(CareKind::SoleCheck, '2027-01-01', 200),
            $care(CareKind::Brush, '2026-12-01', 30), $care(CareKind::Wipe, '2026-12-01', 30), $care(CareKind::Polish, '2026-12-05', 27),
        ]);
        self::assertSame([CareKind::Feed, CareKind::Protect], array_map(static fn (CareDue $d): CareKind => $d->kind, $told));
    }

    public function testNobodyIsToldTwiceInARound(): void
    {
        $zone = new \DateTimeZone('UTC');
        $since = new \DateTimeImmutable('2025-01-15', $zone);
        for ($days = 0; $days < 720; $days += 9) {
            $today = $since->modify("+$days days");
            $season = Season::of($today, $today);
            foreach (CareSchedule::of(PieceFamily::LowShoe, [Material::Pigmented], CareUse::of(3.0, wet: true), [], $since) as $due) {
                self::assertFalse($season->isTold($due, null));
                self::assertTrue($season->isTold($due, $today), 'today');
                self::assertTrue($season->isTold($due, $today->modify(\sprintf('-%d days', $due->everyDays - 1))) || $due->at > $today, 'within a round');
                self::assertFalse($season->isTold($due, $since->modify('-1 day')), 'before it was done last');
            }
        }
        $feed = new CareDue(CareKind::Feed, new \DateTimeImmutable('2026-06-01', $zone), 180, '', '');
        $now = new \DateTimeImmutable('2026-12-10', $zone);
        $before = new \DateTimeImmutable('2026-05-20', $zone);
        self::assertFalse(Season::of($now, $now)->isTold($feed, $before), 'of what nobody has done for a whole round once more');
    }
}
