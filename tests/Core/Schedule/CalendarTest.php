<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Schedule\Calendar\CalendarError;
use KindHeel\Core\Schedule\Calendar\Hours;
use KindHeel\Core\Schedule\Calendar\Shift;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CalendarTest extends TestCase
{
    private const ZONE = 'Europe/Vienna';

    public function testAWeekIsRealTimeFromNowOn(): void
    {
        $hours = new Hours([1 => [Shift::of('09:00', '12:30'), Shift::of('13:30', '17:00')], 3 => [Shift::of('10:00', '11:00')]]);
        // A Monday.
        self::assertSame(
            ['02 10:15–12:30', '02 13:30–17:00', '04 10:00–11:00', '09 09:00–12:30', '09 13:30–17:00'],
            $this->told($hours, '2026-03-02 10:15', 8),
        );
        self::assertSame(['04 10:00–11:00'], $this->told($hours, '2026-03-02 17:00', 7), 'what is over is over to the minute');
        self::assertSame([], $this->told($hours, '2026-03-02 17:00', 2));
    }

    public function testADayThatIsOtherwiseStandsForTheUsualOne(): void
    {
        $hours = (new Hours([1 => [Shift::of('09:00', '12:00')], 2 => [Shift::of('09:00', '12:00')]]))
            ->except(['2026-03-02' => []])
            ->except(['2026-03-03' => [Shift::of('14:00', '15:00')], '2026-03-08' => [Shift::of('08:00', '09:00')]]);
        self::assertSame(['03 14:00–15:00', '08 08:00–09:00', '09 09:00–12:00'], $this->told($hours, '2026-03-02 00:00', 8));
    }

    /** On 29 March 2026 the clock goes from two to three, on 25 October from three back to two. */
    #[TestWith(['2026-03-29', 23])]
    #[TestWith(['2026-10-25', 25])]
    #[TestWith(['2026-03-30', 24])]
    public function testADayIsAsLongAsItIsWhenTheClockIsChanged(string $day, int $hoursLong): void
    {
        $hours = new Hours(array_fill(1, 7, [Shift::of('00:00', '24:00')]));
        $stretches = $hours->from(new \DateTimeImmutable($day.' 00:00', new \DateTimeZone(self::ZONE)), new \DateTimeZone(self::ZONE), 1);
        self::assertSame([3600 * $hoursLong], array_map(static fn (array $s): int => $s[1] - $s[0], $stretches));
    }

    public function testAMorningAfterTheChangeBeginsWhenTheClockSaysSo(): void
    {
        $hours = new Hours([7 => [Shift::of('09:00', '12:00')]]);
        foreach (['2026-03-28 20:00', '2026-10-24 20:00'] as $evening) {
            $told = $this->told($hours, $evening, 2);
            self::assertStringContainsString('09:00–12:00', $told[0]);
            self::assertCount(1, $told);
        }
    }

    public function testAnHourThatTheClockLeavesOutIsNotWorked(): void
    {
        $hours = new Hours([7 => [Shift::of('01:00', '03:30')]]);
        $stretches = $hours->from(new \DateTimeImmutable('2026-03-29 00:30', new \DateTimeZone(self::ZONE)), new \DateTimeZone(self::ZONE), 1);
        self::assertSame(90 * 60, $stretches[0][1] - $stretches[0][0]);
    }

    public function testTheZoneIsTheWorkshopsWhereverTheClockComesFrom(): void
    {
        $hours = new Hours([1 => [Shift::of('09:00', '12:00')]]);
        self::assertSame(['02 09:00–12:00'], $this->told($hours, '2026-03-02T07:30:00Z', 1));
        self::assertSame(['02 09:00–12:00'], $this->told($hours, '2026-03-01T23:30:00Z', 1), 'already Monday in Vienna');
    }

    #[TestWith(['9:00', '12:00', '“9:00” is no time of day'])]
    #[TestWith(['09:00', '24:01', '“24:01” is no time of day'])]
    #[TestWith(['09:60', '12:00', '“09:60” is no time of day'])]
    #[TestWith(['', '12:00', '“” is no time of day'])]
    #[TestWith(['12:00', '12:00', 'A shift from 12:00 cannot end at 12:00.'])]
    #[TestWith(['12:00', '09:00', 'A shift from 12:00 cannot end at 09:00.'])]
    public function testHoursThatNobodyCanWorkAreRefused(string $from, string $until, string $says): void
    {
        $this->expectException(CalendarError::class);
        $this->expectExceptionMessage($says);
        Shift::of($from, $until);
    }

    public function testShiftsOfADayAreInOrderAndMayTouchButNotLieOverEachOther(): void
    {
        $day = Shift::day([Shift::of('13:00', '17:00'), Shift::of('09:00', '13:00')]);
        self::assertSame(['09:00–13:00', '13:00–17:00'], array_map(static fn (Shift $s): string => $s->words(), $day));
        self::assertSame([], Shift::day([]));
        $this->expectExceptionMessage('The shifts 09:00–13:01 and 13:00–17:00 lie over each other.');
        Shift::day([Shift::of('13:00', '17:00'), Shift::of('09:00', '13:01')]);
    }

    public function testMidnightIsTheEndOfADay(): void
    {
        self::assertSame([0, 1440], [Shift::of('00:00', '24:00')->from, Shift::of('00:00', '24:00')->until]);
        self::assertSame('23:30–24:00', Shift::of('23:30', '24:00')->words());
    }

    /** @return list<string> */
    private function told(Hours $hours, string $now, int $days): array
    {
        $zone = new \DateTimeZone(self::ZONE);
        $clock = static fn (int $at, string $format): string => (new \DateTimeImmutable('@'.$at))->setTimezone($zone)->format($format);

        return array_map(
            static fn (array $s): string => $clock($s[0], 'd H:i').'–'.$clock($s[1], 'H:i'),
            $hours->from(new \DateTimeImmutable($now, $zone), $zone, $days),
        );
    }
}
