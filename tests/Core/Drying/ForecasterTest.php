<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Drying;

use Eris\Generators;
use Eris\TestTrait;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\AirRecord;
use KindHeel\Core\Drying\AirSpan;
use KindHeel\Core\Drying\Coat;
use KindHeel\Core\Drying\Forecast;
use KindHeel\Core\Drying\Forecaster;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use PHPUnit\Framework\TestCase;

final class ForecasterTest extends TestCase
{
    use TestTrait;

    private \DateTimeImmutable $ten;

    protected function setUp(): void
    {
        $this->ten = new \DateTimeImmutable('2026-03-02T10:00:00+01:00');
    }

    public function testInTheReferenceAirEveryFamilyTakesItsOwnMinutes(): void
    {
        foreach (FamilyId::cases() as $id) {
            $forecast = $this->forecast($id, Air::reference());
            foreach (Stage::cases() as $stage) {
                $expected = Family::of($id)->drying->minutes($stage);
                if (null === $expected) {
                    self::assertNull($forecast->minutes($stage));
                } else {
                    self::assertEqualsWithDelta($expected, $forecast->minutes($stage) ?? -1.0, 1e-9, $id->value.' '.$stage->value);
                }
            }
            self::assertFalse($forecast->stalled);
        }
    }

    public function testACoatOfPaintInColdMoistAirThatClearsAtNoon(): void
    {
        // Vapour pressures worked out apart from the program: e(17.5), e(20), e(21) in hPa.
        $before = 19.959 * 0.38 / (23.334 * 0.5);
        $after = 24.819 * 0.52 / (23.334 * 0.5) * sqrt(8.0);
        $record = AirRecord::of([
            new AirSpan($this->ten, Air::of(17.5, 0.62)),
            new AirSpan($this->ten->modify('+2 hours'), Air::of(21.0, 0.48, 0.8)),
        ]);
        $forecast = (new Forecaster())->forecast(new Coat(Family::of(FamilyId::Paint)->drying, $this->ten), $record);
        self::assertEqualsWithDelta(12.0 / $before, $forecast->minutes(Stage::Touch) ?? 0.0, 0.05);
        self::assertEqualsWithDelta(20.0 / $before, $forecast->minutes(Stage::RecoatFrom) ?? 0.0, 0.05);
        self::assertEqualsWithDelta(120.0 + (120.0 - 120.0 * $before) / $after, $forecast->minutes(Stage::Next) ?? 0.0, 0.05);
        self::assertSame('2026-03-02T10:18:28+01:00', $forecast->at(Stage::Touch)?->format(\DATE_RFC3339));
    }

    public function testFillerTakesTheSquareOfItsThickness(): void
    {
        $thin = $this->forecast(FamilyId::Filler, Air::reference());
        $thick = $this->forecast(FamilyId::Filler, Air::reference(), thickness: 3.0);
        self::assertEqualsWithDelta(9.0, ($thick->minutes(Stage::Touch) ?? 0.0) / ($thin->minutes(Stage::Touch) ?? 1.0), 1e-9);
    }

    public function testBelowTenDegreesPaintDoesNotFormAndSaysSo(): void
    {
        $forecast = $this->forecast(FamilyId::Paint, Air::of(8.0, 0.4));
        self::assertTrue($forecast->stalled);
        self::assertNull($forecast->at(Stage::Full));
        self::assertSame('W-3', $forecast->warnings[0]->rule);
        self::assertStringContainsString('10 °C', $forecast->warnings[0]->message);
    }

    public function testAColdNightOnlyStopsTheClockOfAFilm(): void
    {
        $record = AirRecord::of([
            new AirSpan($this->ten, Air::reference()),
            new AirSpan($this->ten->modify('+6 minutes'), Air::of(5.0, 0.5)),
            new AirSpan($this->ten->modify('+66 minutes'), Air::reference()),
        ]);
        $forecast = (new Forecaster())->forecast(new Coat(Family::of(FamilyId::Paint)->drying, $this->ten), $record);
        self::assertEqualsWithDelta(72.0, $forecast->minutes(Stage::Touch) ?? 0.0, 1e-9);
        self::assertFalse($forecast->stalled);
    }

    public function testSpiritDyeWarnsOfBloomAndSprayOfDew(): void
    {
        self::assertCount(1, $this->forecast(FamilyId::DyeSpirit, Air::of(20.0, 0.9))->warnings);
        self::assertCount(0, $this->forecast(FamilyId::DyeSpirit, Air::of(20.0, 0.8))->warnings);
        $record = AirRecord::of([new AirSpan($this->ten, Air::of(20.0, 0.5), surfaceTempC: 12.0)]);
        self::assertCount(1, (new Forecaster())->forecast(new Coat(Family::of(FamilyId::Paint)->drying, $this->ten), $record)->warnings);
    }

    public function testWhatIsNotReachedWithinSixtyDaysIsNotReached(): void
    {
        $forecast = $this->forecast(FamilyId::Soap, Air::of(20.0, 0.9999));
        self::assertTrue($forecast->stalled);
        self::assertNull($forecast->minutes(Stage::Touch));
    }

    public function testTheAirMustBeKnownWhenTheCoatIsLaid(): void
    {
        $this->expectException(\DomainException::class);
        (new Forecaster())->forecast(
            new Coat(Family::of(FamilyId::Wax)->drying, $this->ten),
            AirRecord::steady(Air::reference(), $this->ten->modify('+1 second')),
        );
    }

    public function testWarmerIsNeverSlower(): void
    {
        $this->forAll(Generators::elements(...FamilyId::cases()), Generators::choose(0, 40), Generators::choose(1, 10), Generators::choose(5, 95))
            ->then(function (FamilyId $id, int $temp, int $more, int $rh): void {
                $this->neverLater($this->forecast($id, Air::of($temp + $more, $rh / 100)), $this->forecast($id, Air::of($temp, $rh / 100)));
            });
    }

    public function testMoisterIsNeverFasterForWater(): void
    {
        $this->forAll(
            Generators::elements(FamilyId::DampCloth, FamilyId::Soap, FamilyId::Paint, FamilyId::Filler, FamilyId::Conditioner, FamilyId::DyeWater),
            Generators::choose(10, 35),
            Generators::choose(5, 80),
            Generators::choose(1, 19),
        )->then(function (FamilyId $id, int $temp, int $rh, int $more): void {
            $this->neverLater($this->forecast($id, Air::of($temp, $rh / 100)), $this->forecast($id, Air::of($temp, ($rh + $more) / 100)));
        });
    }

    public function testThickerAndSlowerLearnedIsNeverSooner(): void
    {
        $this->forAll(Generators::elements(...FamilyId::cases()), Generators::choose(50, 300), Generators::choose(0, 200))->then(function (
            FamilyId $id,
            int $factor,
            int $more,
        ): void {
            $this->neverLater(
                $this->forecast($id, Air::of(18.0, 0.6), thickness: $factor / 100),
                $this->forecast($id, Air::of(18.0, 0.6), thickness: ($factor + $more) / 100),
            );
            $this->neverLater(
                $this->forecast($id, Air::of(18.0, 0.6), learned: $factor / 100),
                $this->forecast($id, Air::of(18.0, 0.6), learned: ($factor + $more) / 100),
            );
        });
    }

    public function testSplittingTheRecordOfTheAirChangesNothing(): void
    {
        $this->forAll(
            Generators::elements(...FamilyId::cases()),
            Generators::choose(8, 32),
            Generators::choose(20, 90),
            Generators::vector(4, Generators::choose(1, 900)),
        )->then(
            /** @param list<int> $cuts */
            function (FamilyId $id, int $temp, int $rh, array $cuts): void {
                $air = Air::of($temp, $rh / 100);
                $at = $this->ten;
                $spans = [new AirSpan($at, $air)];
                foreach (array_filter($cuts, is_int(...)) as $minutes) {
                    $at = $at->modify("+$minutes minutes");
                    $spans[] = new AirSpan($at, $air);
                }
                $whole = $this->forecast($id, $air);
                $split = (new Forecaster())->forecast(new Coat(Family::of($id)->drying, $this->ten), AirRecord::of($spans));
                foreach (Stage::cases() as $stage) {
                    self::assertEqualsWithDelta($whole->minutes($stage) ?? -1.0, $split->minutes($stage) ?? -1.0, 1e-6);
                }
            }
        );
    }

    private function neverLater(Forecast $sooner, Forecast $later): void
    {
        foreach (Stage::cases() as $stage) {
            self::assertLessThanOrEqual(($later->minutes($stage) ?? \INF) + 1e-9, $sooner->minutes($stage) ?? \INF);
        }
    }

    private function forecast(FamilyId $id, Air $air, float $thickness = 1.0, float $learned = 1.0): Forecast
    {
        return (new Forecaster())->forecast(new Coat(Family::of($id)->drying, $this->ten, $thickness, $learned), AirRecord::steady($air, $this->ten));
    }
}
