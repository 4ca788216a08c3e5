<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\People\TimeCode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TimeCodeTest extends TestCase
{
    private const KEY = '12345678901234567890';

    /** RFC 6238, appendix B, SHA-1. */
    #[DataProvider('vectors')]
    public function testItIsTheNumberOfTheStandard(int $at, string $number): void
    {
        self::assertSame($number, TimeCode::of(self::KEY, intdiv($at, TimeCode::STEP_S), 8));
    }

    /** @return iterable<array{int, string}> */
    public static function vectors(): iterable
    {
        yield [59, '94287082'];
        yield [1_111_111_109, '07081804'];
        yield [1_111_111_111, '14050471'];
        yield [1_234_567_890, '89005924'];
        yield [2_000_000_000, '69279037'];
        yield [20_000_000_000, '65353130'];
    }

    /** RFC 4648, chapter 10. */
    public function testBase32IsThatOfTheStandard(): void
    {
        foreach (['f' => 'MY', 'fo' => 'MZXQ', 'foo' => 'MZXW6', 'foob' => 'MZXW6YQ', 'fooba' => 'MZXW6YTB', 'foobar' => 'MZXW6YTBOI'] as $bytes => $text) {
            self::assertSame($text, TimeCode::base32($bytes));
        }
    }

    public function testAClockMayBeAStepWrongButNoNumberIsTakenTwice(): void
    {
        $secret = TimeCode::base32(self::KEY);
        $at = 1_111_111_111;
        $now = intdiv($at, TimeCode::STEP_S);
        foreach ([-2 => null, -1 => $now - 1, 0 => $now, 1 => $now + 1, 2 => null] as $off => $step) {
            self::assertSame($step, TimeCode::step($secret, TimeCode::of(self::KEY, $now + $off), 0, $at), (string) $off);
        }
        $number = TimeCode::of(self::KEY, $now);
        self::assertNull(TimeCode::step($secret, $number, $now, $at));
        self::assertSame($now, TimeCode::step($secret, substr($number, 0, 3).' '.substr($number, 3), $now - 1, $at), 'as apps show it');
        self::assertNull(TimeCode::step($secret, '', 0, $at));
    }
}
