<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Schedule\Learning\Gaps;
use PHPUnit\Framework\TestCase;

/** What going from piece to piece really takes. */
final class GapsTest extends TestCase
{
    private const IDA = 1;
    private const TOMAS = 2;

    public function testTheTimeBetweenTwoPiecesIsTakenInAndHandingOnApart(): void
    {
        $gaps = Gaps::between([
            [self::IDA, 7, 0, 600],
            // On with the same piece: nothing was set down.
            [self::IDA, 7, 660, 900],
            // Three minutes later another.
            [self::IDA, 8, 1080, 1200],
            // Tomas comes from elsewhere to the piece that Ida had.
            [self::TOMAS, 9, 1100, 1300],
            [self::TOMAS, 8, 1720, 1800],
            // After half an hour: a pause.
            [self::IDA, 7, 3000, 3100],
        ]);
        self::assertSame([3.0], $gaps->switches);
        self::assertSame([7.0], $gaps->handovers);
    }

    public function testNobodysFirstStepAndNothingThatBeganBeforeTheLastHadEndedCounts(): void
    {
        self::assertSame([], Gaps::between([[self::IDA, 7, 0, 600], [self::IDA, 8, 500, 700], [self::TOMAS, 9, 0, 10]])->switches);
        self::assertNull(Gaps::between([])->switchMinutes(2));
        self::assertNull(Gaps::between([])->handoverMinutes(5, 2));
    }

    public function testAFewOddOnesOverturnNothingAndManyDo(): void
    {
        $after = static fn (int $times, int $minutes): Gaps => Gaps::between(
            array_map(static fn (int $n): array => [self::IDA, $n, $n * 60 * (10 + $minutes), $n * 60 * (10 + $minutes) + 600], range(0, $times)),
        );
        self::assertSame(2, $after(3, 9)->switchMinutes(2));
        self::assertSame(9, $after(30, 9)->switchMinutes(2));
        self::assertSame(0, $after(30, 0)->switchMinutes(2));
    }

    public function testWhatHandingOnTakesIsSaidWithoutTheSwitch(): void
    {
        $steps = [];
        for ($n = 0; $n < 40; ++$n) {
            // Each piece goes from Ida to Tomas, who needs eight minutes from the one before.
            $steps[] = [self::IDA, $n, 1200 * $n, 1200 * $n + 400];
            $steps[] = [self::TOMAS, $n, 1200 * $n + 500, 1200 * $n + 500 + 720];
        }
        usort($steps, static fn (array $a, array $b): int => $a[2] <=> $b[2]);
        self::assertSame(6, Gaps::between($steps)->handoverMinutes(5, 2));
        self::assertSame(0, Gaps::between($steps)->handoverMinutes(0, 12));
    }
}
