<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Quantity;

use KindHeel\Core\Quantity\CardView;
use KindHeel\Core\Quantity\Outline;
use KindHeel\Core\Text\FieldError;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Measured against a camera that is set up here by itself: points of a plane, turned, moved off and projected. */
final class CardViewTest extends TestCase
{
    private const PICTURE = [4000.0, 3000.0];
    private const CARD = [[0.0, 0.0], [85.0, 0.0], [85.0, 55.0], [0.0, 55.0]];

    public function testAnyPlaneIsMeasuredAsItLies(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 200; ++$i) {
            [$tilt, $spin, $far] = [mt_rand(0, 600) / 10.0, mt_rand(0, 3600) / 10.0, mt_rand(500, 1500) * 1.0];
            $view = CardView::of($this->seen(self::CARD, $tilt, $spin, $far), [85.0, 55.0], self::PICTURE);
            self::assertEqualsWithDelta($tilt, $view->tiltDeg(), 1e-4, 'tilt '.$i);
            self::assertSame($tilt > 35.0, null !== $view->caution());
            // An L of 80 × 120 mm without a corner of 30 × 50.
            $part = [[-90.0, 0.0], [-10.0, 0.0], [-10.0, 70.0], [-40.0, 70.0], [-40.0, 120.0], [-90.0, 120.0]];
            $outline = $view->outline($this->seen($part, $tilt, $spin, $far));
            self::assertEqualsWithDelta(80.0 * 120.0 - 30.0 * 50.0, $outline->area(), 1e-3, 'area '.$i);
            self::assertEqualsWithDelta(400.0, $outline->perimeter(), 1e-4, 'perimeter '.$i);
        }
    }

    public function testTheOtherWayRoundIsTheSame(): void
    {
        $card = $this->seen(self::CARD, 20.0, 30.0, 800.0);
        $part = $this->seen([[100.0, 0.0], [200.0, 0.0], [200.0, 100.0], [100.0, 100.0]], 20.0, 30.0, 800.0);
        $one = CardView::of($card, [85.0, 55.0], self::PICTURE)->outline($part);
        // The same card from its other corner: the long side still comes first.
        $other = CardView::of([$card[1], $card[0], $card[3], $card[2]], [85.0, 55.0], self::PICTURE)->outline(array_reverse($part));
        self::assertEqualsWithDelta([10000.0, 10000.0], [$one->area(), $other->area()], 1e-4);
    }

    public function testWhatLiesBehindTheHorizonIsNoPartOfThePlane(): void
    {
        $view = CardView::of([[1500, 2000], [2500, 2000], [2200, 1500], [1800, 1500]], [85.0, 55.0], self::PICTURE);
        self::assertGreaterThan(0.0, $view->outline([[1500, 2900], [2500, 2900], [2000, 1300]])->area());
        $this->expectExceptionMessage('beyond what can be seen');
        $view->outline([[1500, 2900], [2500, 2900], [2000, 500]]);
    }

    /** @return iterable<string, array{list<array{float, float}>}> */
    public static function noCards(): iterable
    {
        yield 'three corners' => [[[0, 0], [9, 0], [9, 9]]];
        yield 'a corner inwards' => [[[0, 0], [90, 0], [20, 20], [0, 90]]];
        yield 'a corner between its neighbours' => [[[0, 0], [50, 0], [90, 0], [0, 90]]];
        yield 'not in order round it' => [[[0, 0], [90, 60], [90, 0], [0, 60]]];
        yield 'one corner twice' => [[[0, 0], [0, 0], [90, 60], [0, 60]]];
    }

    /** @param list<array{float, float}> $corners */
    #[DataProvider('noCards')]
    public function testWhatIsNoCard(array $corners): void
    {
        $this->expectException(FieldError::class);
        $this->expectExceptionMessage('no card that was seen');
        CardView::of($corners, [85.0, 55.0], self::PICTURE);
    }

    /** @return iterable<string, array{list<array{float, float}>, string}> */
    public static function noOutlines(): iterable
    {
        yield 'two points' => [[[0, 0], [5, 5]], 'three points'];
        yield 'a line there and back' => [[[0, 0], [5, 5], [9, 9]], 'crosses itself'];
        yield 'an eight' => [[[0, 0], [9, 9], [9, 0], [0, 9]], 'crosses itself'];
        yield 'a corner on another side' => [[[0, 0], [9, 0], [9, 9], [5, 0], [0, 9]], 'crosses itself'];
        yield 'back along a side' => [[[0, 0], [9, 0], [4, 0], [4, 9]], 'crosses itself'];
    }

    /** @param list<array{float, float}> $points */
    #[DataProvider('noOutlines')]
    public function testWhatIsNoOutline(array $points, string $said): void
    {
        $this->expectException(FieldError::class);
        $this->expectExceptionMessage($said);
        Outline::of($points);
    }

    public function testAPointOnAStraightSideDoesNotDisturb(): void
    {
        $outline = Outline::of([[0.0, 0.0], [4.0, 0.0], [9.0, 0.0], [9.0, 9.0], [0.0, 9.0]]);
        self::assertSame([81.0, 36.0], [$outline->area(), $outline->perimeter()]);
    }

    /**
     * Points in millimetres on a plane that is tilted, spun, and so far from a pinhole of 1.2 × the longer side.
     *
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}> pixels
     */
    private function seen(array $points, float $tiltDeg, float $spinDeg, float $far): array
    {
        [$tilt, $spin, $focal] = [deg2rad($tiltDeg), deg2rad($spinDeg), 1.2 * self::PICTURE[0]];

        return array_map(static function (array $p) use ($tilt, $spin, $focal, $far): array {
            $x = $p[0] * cos($spin) - $p[1] * sin($spin);
            $y = $p[0] * sin($spin) + $p[1] * cos($spin);
            [$y, $z] = [$y * cos($tilt), $far + $y * sin($tilt)];

            return [self::PICTURE[0] / 2.0 + $focal * $x / $z, self::PICTURE[1] / 2.0 + $focal * $y / $z];
        }, $points);
    }
}
