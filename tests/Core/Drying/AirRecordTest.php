<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Drying;

use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\AirOutOfRange;
use KindHeel\Core\Drying\AirRecord;
use KindHeel\Core\Drying\AirSpan;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Drying\WhatIf;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AirRecordTest extends TestCase
{
    public function testTheAirThatACoatMeetsBeginsWithIt(): void
    {
        $record = AirRecord::of([$this->span(0, 18.0), $this->span(60, 20.0), $this->span(120, 24.0)]);
        self::assertSame([[0, 18.0], [60, 20.0], [120, 24.0]], $this->told($record->since($this->at(0))));
        self::assertSame([[59, 18.0], [60, 20.0], [120, 24.0]], $this->told($record->since($this->at(59))));
        self::assertSame([[60, 20.0], [120, 24.0]], $this->told($record->since($this->at(60))));
        self::assertSame([[500, 24.0]], $this->told($record->since($this->at(500))), 'the last reading holds for ever');
    }

    public function testNothingIsMadeUpForATimeBeforeTheFirstReading(): void
    {
        $this->expectExceptionMessage('the air is not known at that moment');
        AirRecord::of([$this->span(10, 18.0)])->since($this->at(9));
    }

    public function testThereIsOneReadingAtLeast(): void
    {
        $this->expectExceptionMessage('at least one reading');
        AirRecord::of([]);
    }

    #[TestWith([60])]
    #[TestWith([59])]
    public function testReadingsFollowEachOther(int $second): void
    {
        $this->expectExceptionMessage('must follow each other in time');
        AirRecord::of([$this->span(60, 18.0), $this->span($second, 19.0)]);
    }

    public function testWhatIsMovedMeetsTheAirOfEachPlaceInItsTurn(): void
    {
        $rack = AirRecord::of([$this->span(0, 18.0), $this->span(50, 19.0), $this->span(400, 17.0)]);
        $box = AirRecord::of([$this->span(0, 32.0), $this->span(150, 33.0), $this->span(350, 31.0)]);
        self::assertSame(
            [[10, 18.0], [50, 19.0], [100, 32.0], [150, 33.0], [300, 19.0], [400, 17.0]],
            $this->told(AirRecord::along([[$this->at(10), $rack], [$this->at(100), $box], [$this->at(300), $rack]])->spans),
        );
    }

    public function testAChangeFromAMomentOnPutsAsideWhatWasForeseenLater(): void
    {
        $record = AirRecord::of([$this->span(0, 18.0), $this->span(60, 19.0), $this->span(120, 20.0)]);
        $air = Air::of(25.0, 0.4);
        self::assertSame([[0, 18.0], [60, 19.0], [90, 25.0]], $this->told($record->changedFrom($this->at(90), $air)->spans));
        self::assertSame([[0, 18.0], [60, 25.0]], $this->told($record->changedFrom($this->at(60), $air)->spans));
    }

    #[TestWith(['temp_c', -40.1, 0.5, 0.1])]
    #[TestWith(['temp_c', 80.1, 0.5, 0.1])]
    #[TestWith(['temp_c', \NAN, 0.5, 0.1])]
    #[TestWith(['rh', 20.0, -0.01, 0.1])]
    #[TestWith(['rh', 20.0, 1.01, 0.1])]
    #[TestWith(['speed_ms', 20.0, 0.5, -0.1])]
    #[TestWith(['speed_ms', 20.0, 0.5, 30.1])]
    public function testNoWorkshopHasSuchAir(string $field, float $tempC, float $rh, float $speedMs): void
    {
        try {
            Air::of($tempC, $rh, $speedMs);
            self::fail('It was taken.');
        } catch (AirOutOfRange $e) {
            self::assertSame($field, $e->field);
        }
        self::assertSame(80.0, Air::of(80.0, 1.0, 30.0)->tempC);
        self::assertSame(-40.0, Air::of(-40.0, 0.0, 0.0)->tempC);
    }

    /** Steam tables: saturation at 18, 20, 23 and 32 °C is 20.63, 23.38, 28.08 and 47.55 hPa. */
    public function testWarmedAirIsDrierThoughNoWaterHasLeftIt(): void
    {
        $air = Air::of(20.0, 0.6, 0.1);
        $heated = WhatIf::Heater->of($air, $air);
        self::assertSame([23.0, 0.1], [$heated->tempC, $heated->speedMs]);
        self::assertEqualsWithDelta(0.6 * 23.38 / 28.08, $heated->rh, 0.002);
        $boxed = WhatIf::Box->of($air, $air);
        self::assertSame([32.0, 0.6], [$boxed->tempC, $boxed->speedMs]);
        self::assertEqualsWithDelta(0.6 * 23.38 / 47.55, $boxed->rh, 0.002);
        self::assertSame(35.0, WhatIf::Box->of(Air::of(35.0, 0.3, 0.8), $air)->tempC, 'a box does not cool');
        self::assertSame(0.8, WhatIf::Box->of(Air::of(35.0, 0.3, 0.8), $air)->speedMs);
        $opened = WhatIf::Window->of($air, Air::of(16.0, 0.9));
        self::assertSame([18.0, 0.4], [$opened->tempC, $opened->speedMs]);
        self::assertEqualsWithDelta((0.6 * 23.38 + 0.9 * 18.18) / 2 / 20.63, $opened->rh, 0.003);
        self::assertSame(1.0, WhatIf::Window->of(Air::of(10.0, 1.0), Air::of(30.0, 1.0))->rh, 'what is too much falls as dew');
    }

    public function testEachIsSaidWithWhatToMind(): void
    {
        self::assertNull(WhatIf::Window->caution());
        self::assertStringContainsString('not straight onto a wet film', (string) WhatIf::Fan->caution());
        foreach ([WhatIf::Heater, WhatIf::Box] as $warm) {
            self::assertStringContainsString('under 40 °C', (string) $warm->caution());
            self::assertStringContainsString('never near solvent', (string) $warm->caution());
        }
        self::assertCount(4, array_unique(array_map(static fn (WhatIf $w): string => $w->label(), WhatIf::cases())));
    }

    public function testWhoWaitsForAStageHasWaitedForThoseBeforeIt(): void
    {
        $order = [Stage::Touch, Stage::RecoatFrom, Stage::Next, Stage::Full];
        foreach ($order as $i => $stage) {
            foreach ($order as $j => $other) {
                self::assertSame($i >= $j, $stage->covers($other), $stage->value.' '.$other->value);
                self::assertSame($i < $j, $stage->isBefore($other), $stage->value.' '.$other->value);
            }
        }
    }

    private function at(int $second): \DateTimeImmutable
    {
        return new \DateTimeImmutable('@'.$second);
    }

    private function span(int $second, float $tempC): AirSpan
    {
        return new AirSpan($this->at($second), Air::of($tempC, 0.5));
    }

    /**
     * @param list<AirSpan> $spans
     *
     * @return list<array{int, float}>
     */
    private function told(array $spans): array
    {
        return array_map(static fn (AirSpan $s): array => [$s->from->getTimestamp(), $s->air->tempC], $spans);
    }
}
