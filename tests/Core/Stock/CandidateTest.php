<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Stock;

use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Stock\Candidate;
use PHPUnit\Framework\TestCase;

final class CandidateTest extends TestCase
{
    public function testTheShadeThatIsWantedGoesBeforeOneWithoutAndAnotherIsNeverTaken(): void
    {
        $all = [self::one(1, null), self::one(2, Shade::Black), self::one(3, Shade::Tan)];
        self::assertSame(2, Candidate::best($all, Shade::Black)?->product);
        self::assertSame(1, Candidate::best($all, Shade::Navy)?->product);
        self::assertSame(1, Candidate::best($all, null)?->product);
        self::assertNull(Candidate::best([self::one(2, Shade::Black)], Shade::Tan), 'black is not laid on tan');
    }

    public function testWhatIsOpenAndStillBoughtIsTakenFirst(): void
    {
        self::assertSame(3, Candidate::best([self::one(1, null, onHand: false), self::one(2, null), self::one(3, null, opened: true)], null)?->product);
        self::assertSame(2, Candidate::best([self::one(1, null, retired: true, opened: true), self::one(2, null)], null)?->product);
    }

    private static function one(int $id, ?Shade $shade, bool $retired = false, bool $opened = false, bool $onHand = true): Candidate
    {
        return new Candidate($id, $shade, $retired, $opened, $onHand);
    }
}
