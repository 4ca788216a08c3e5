<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Quantity;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Quantity\Dilution;
use KindHeel\Core\Quantity\Need;
use KindHeel\Core\Quantity\Tape;
use KindHeel\Core\Quantity\Thread;
use KindHeel\Core\Text\FieldError;
use PHPUnit\Framework\TestCase;

/** Amounts against values worked by hand. */
final class AmountsTest extends TestCase
{
    public function testTwoThinCoatsThroughAnAirbrushAndAFifthKeptBack(): void
    {
        // 0.21 m² × 90 × 2 ÷ 0.6 = 63, and 5 in the cup; a fifth on top of all of it.
        $need = Need::of(21.0, 90.0, 2, Applicator::Airbrush->transfer(), Applicator::Airbrush->potLossMl(), Need::KEPT_BACK);
        self::assertEqualsWithDelta([68.0, 13.6, 81.6], [$need->laid, $need->kept, $need->amount()], 1e-9);
        self::assertSame([1814, 2, 1], [$need->drops(0.045), $need->packs(50.0, 12.5), $need->packs(50.0, 31.6)]);
        self::assertEqualsWithDelta([69.1, 0.0], [$need->short(12.5), $need->short(90.0)], 1e-9);
        self::assertSame(0, $need->packs(50.0, 90.0), 'nothing is opened for what is there');
    }

    public function testWhatComesOutEvenIsNotRoundedUpOnceMore(): void
    {
        // 0.9 ÷ 0.045 is a hair above 20 in floats.
        self::assertSame(20, Need::of(1.0, 90.0, 1, 1.0)->drops(0.045));
        self::assertSame(3, Need::of(10.0, 30.0, 1, 1.0)->packs(1.0));
    }

    public function testNoAreaNoCoatsNoUseIsNoNeed(): void
    {
        foreach ([['area_dm2', 0.0, 90.0, 1], ['use_per_m2', 2.0, 0.0, 1], ['coats', 2.0, 90.0, 0]] as [$field, $area, $use, $coats]) {
            try {
                Need::of($area, $use, $coats, 0.9);
                self::fail($field.' of nothing');
            } catch (FieldError $error) {
                self::assertSame($field, $error->field);
            }
        }
    }

    public function testThread(): void
    {
        // 2 × (120 + 30 × 3.2) × 1.15 + 2 × 200.
        $thread = Thread::for(120.0, 4.0, 3.2);
        self::assertSame(30, $thread->stitches);
        self::assertEqualsWithDelta(896.8, $thread->mm, 1e-9);
        self::assertSame(31, Thread::for(120.1, 4.0, 3.2)->stitches, 'a stitch that is begun is sewn');
    }

    public function testABucket(): void
    {
        $mix = (new Dilution(1, 4))->total(20.0);
        self::assertSame([4.0, 16.0], [$mix->product, $mix->water]);
        self::assertSame(15.0, (new Dilution(1, 4))->product(3.0)->total());
        $mix = (new Dilution(2, 3))->water(6.0);
        self::assertEqualsWithDelta([4.0, 10.0], [$mix->product, $mix->total()], 1e-12);
    }

    public function testTape(): void
    {
        // 0.4 dm² of welt is half a metre of strip; a panel of 4 dm² is 80 cm round.
        self::assertEqualsWithDelta([0.65, 0.98], [Tape::along(0.4), Tape::round(4.0)], 1e-9);
    }
}
