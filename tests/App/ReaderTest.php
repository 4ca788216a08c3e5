<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Compute\InputErrors;
use KindHeel\App\Compute\Reader;
use KindHeel\Core\Drying\Driver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Reading JSON that may be anything. */
final class ReaderTest extends TestCase
{
    public function testEveryWrongPlaceIsNamedAtOnce(): void
    {
        $read = new Reader();
        $fields = $read->object(json_decode('{"a": 1, "b/c": 2, "d~e": 3}'), '/x', ['a', 'z'], []);
        self::assertSame(1, $fields['a'] ?? null);
        $read->number('two', '/n');
        $read->list(new \stdClass(), '/l');
        self::assertSame(['/x/z', '/x/b~1c', '/x/d~0e', '/n', '/l'], $this->pointers($read));
    }

    public function testNothingWrongIsNothingThrown(): void
    {
        $read = new Reader();
        self::assertSame(2.5, $read->number(2.5, '/n', 0.0, 3.0));
        self::assertSame(2.0, $read->number(2, '/n'));
        self::assertSame([1, 2], $read->list([1, 2], '/l', 2));
        self::assertTrue($read->boolean(true, '/b'));
        self::assertSame(Driver::Cure, $read->choice('cure', '/d', Driver::class));
        self::assertSame([], $this->pointers($read));
    }

    /** @return iterable<string, array{mixed, float|null, float|null, bool}> */
    public static function noNumbers(): iterable
    {
        yield 'a text' => ['3', null, null, false];
        yield 'yes' => [true, null, null, false];
        yield 'nothing' => [null, null, null, false];
        yield 'not a number' => [\NAN, null, null, false];
        yield 'endless' => [\INF, null, null, false];
        yield 'too small' => [-0.1, 0.0, null, false];
        yield 'too large' => [1.01, 0.0, 1.0, false];
        yield 'not above' => [0, 0.0, null, true];
    }

    #[DataProvider('noNumbers')]
    public function testWhatIsNoNumberOfThatRangeIsRefused(mixed $value, ?float $min, ?float $max, bool $above): void
    {
        $read = new Reader();
        self::assertNull($read->number($value, '/n', $min, $max, $above));
        self::assertSame(['/n'], $this->pointers($read));
    }

    /** @return iterable<string, array{string, string|null}> */
    public static function times(): iterable
    {
        yield 'with offset' => ['2026-03-02T10:00:00+05:30', '2026-03-02T10:00:00.000000+05:30'];
        yield 'zulu' => ['2026-03-02T10:00:00Z', '2026-03-02T10:00:00.000000+00:00'];
        yield 'fraction' => ['2026-03-02T10:00:00.25-01:00', '2026-03-02T10:00:00.250000-01:00'];
        yield 'more digits than PHP keeps' => ['2026-03-02T10:00:00.123456789Z', '2026-03-02T10:00:00.123456+00:00'];
        yield 'no offset' => ['2026-03-02T10:00:00', null];
        yield 'no such day' => ['2026-02-30T10:00:00Z', null];
        yield 'no such hour' => ['2026-03-02T25:00:00Z', null];
        yield 'a day alone' => ['2026-03-02', null];
        yield 'words' => ['now', null];
    }

    #[DataProvider('times')]
    public function testTimesAreRfc3339(string $text, ?string $expected): void
    {
        $read = new Reader();
        self::assertSame($expected, $read->time($text, '/t')?->format('Y-m-d\TH:i:s.uP'));
        self::assertSame(null === $expected ? ['/t'] : [], $this->pointers($read));
    }

    public function testAWrongChoiceSaysWhichThereAre(): void
    {
        $read = new Reader();
        self::assertNull($read->choice('steam', '/d', Driver::class));
        self::assertNull($read->choice(7, '/e', Driver::class));
        try {
            $read->finish();
            self::fail('It was let through.');
        } catch (InputErrors $errors) {
            self::assertStringContainsString('water, alcohol, naphtha', $errors->errors[0]['message']);
            self::assertCount(2, $errors->errors);
        }
    }

    /** @return list<string> */
    private function pointers(Reader $read): array
    {
        try {
            $read->finish();

            return [];
        } catch (InputErrors $errors) {
            return array_column($errors->errors, 'path');
        }
    }
}
