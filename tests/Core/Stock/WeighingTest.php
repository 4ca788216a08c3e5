<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Stock;

use KindHeel\Core\Product\Unit;
use KindHeel\Core\Stock\Weighing;
use KindHeel\Core\Text\FieldError;
use PHPUnit\Framework\TestCase;

final class WeighingTest extends TestCase
{
    public function testWhatIsLeftIsGrossLessThePackAndMillilitresByDensity(): void
    {
        self::assertSame(180.0, Weighing::left(208.0, 28.0, 1.0, Unit::Gram));
        // 395 g of spirit of 0.79 g a millilitre are half a litre.
        self::assertEqualsWithDelta(500.0, Weighing::left(490.0, 95.0, 0.79, Unit::Millilitre), 1e-9);
        self::assertSame(0.0, Weighing::left(95.0, 95.0, 0.79, Unit::Millilitre));
    }

    public function testWhatCannotBeIsSaid(): void
    {
        $this->expectException(FieldError::class);
        $this->expectExceptionMessage('It cannot weigh less than its empty pack.');
        Weighing::left(90.0, 95.0, 1.0, Unit::Gram);
    }

    public function testThreadIsCounted(): void
    {
        $this->expectExceptionMessage('This is counted, not weighed.');
        Weighing::left(90.0, 5.0, 1.0, Unit::Metre);
    }
}
