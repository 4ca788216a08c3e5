<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Product;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Station;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LayingTest extends TestCase
{
    public function testACoatIsCountedWhereThereIsMoreThanOne(): void
    {
        $coat = static fn (int $coat, int $coats): string => (new Laying(Applicator::Sponge, Phase::Colour, $coat, $coats))->coatOf();
        self::assertSame(['', ', coat 1 of 2', ', coat 2 of 2', ', coat 3 of 5'], [$coat(1, 1), $coat(1, 2), $coat(2, 2), $coat(3, 5)]);
    }

    public function testTheColourIsNamedOrStandsOpen(): void
    {
        self::assertSame('chestnut', (new Laying(Applicator::Sponge, Phase::Colour, colour: 'chestnut'))->named('its colour'));
        self::assertSame('its colour', (new Laying(Applicator::Sponge, Phase::Colour))->named('its colour'));
    }

    public function testWarmAirAndScalesAreSpokenOfWhereTheyAre(): void
    {
        $plain = new Laying(Applicator::Sponge, Phase::Colour);
        $special = new Laying(Applicator::Sponge, Phase::Colour, hasScales: true, warmAirHere: true);
        self::assertSame(['', ''], [$plain->warmAir(), $plain->alongScales()]);
        self::assertStringContainsString('under 40 °C', $special->warmAir());
        self::assertStringContainsString('Along the scales', $special->alongScales());
    }

    /** What reaches the leather of what is taken up, what stays in the tool, and what a coat is thick: the figures that amounts are reckoned with. */
    public function testATransferALossAndAFilmAreThoseOfTheTool(): void
    {
        $told = [];
        foreach (Applicator::cases() as $tool) {
            $told[$tool->value] = [$tool->transfer(), $tool->potLossMl(), $tool->dryMicrons()];
        }
        self::assertSame([
            'brush' => [0.95, 2.0, 25.0],
            'sponge' => [0.85, 0.0, 15.0],
            'cloth' => [0.8, 0.0, 15.0],
            'fingers' => [0.9, 0.0, 15.0],
            'dauber' => [0.85, 0.0, 25.0],
            'airbrush' => [0.6, 5.0, 7.5],
            'spray-can' => [0.5, 0.0, 7.5],
            'bud' => [0.75, 0.0, 15.0],
            'pad' => [0.75, 0.0, 15.0],
            'pen' => [0.75, 0.0, 15.0],
            'none' => [1.0, 0.0, 15.0],
        ], $told);
    }

    /** @return iterable<string, array{FamilyId}> */
    public static function families(): iterable
    {
        foreach (FamilyId::cases() as $id) {
            yield $id->value => [$id];
        }
    }

    #[DataProvider('families')]
    public function testEveryFamilySaysHowItIsLaidWithEveryTool(FamilyId $id): void
    {
        $family = Family::of($id);
        foreach (Applicator::cases() as $tool) {
            $first = $family->instruction(new Laying($tool, $family->phase, 1, 2, 'chestnut'));
            $second = $family->instruction(new Laying($tool, $family->phase, 2, 2, 'chestnut'));
            self::assertMatchesRegularExpression('/^\p{Lu}/u', $first->title);
            self::assertMatchesRegularExpression('/[.!?]$/u', $first->how, $first->how);
            self::assertStringNotContainsString('%', $first->title.$first->how);
            self::assertStringNotContainsString('  ', $first->title.$first->how);
            self::assertGreaterThan(0.0, $first->minutes + $first->minutesPerDm2);
            if ($family->drying->film && str_contains($first->title, 'coat')) {
                self::assertStringContainsString('coat 1 of 2', $first->title);
                self::assertStringContainsString('coat 2 of 2', $second->title);
            }
        }
    }

    #[DataProvider('families')]
    public function testWhatIsSprayedIsLaidInTheBoothWithAFilterAndNothingElseIs(FamilyId $id): void
    {
        $family = Family::of($id);
        foreach (Applicator::cases() as $tool) {
            $needsFilter = \in_array(Hazard::Spray, $family->hazardsBy($tool), true);
            if (!$tool->sprays()) {
                self::assertFalse($needsFilter, $tool->value);
            } else {
                self::assertContains($family->station($tool), $needsFilter ? [Station::Booth] : Station::cases(), $tool->value);
                self::assertSame(\in_array(Hazard::Spray, $family->hazards, true), $needsFilter, $tool->value);
            }
            self::assertSame(
                [],
                array_diff(
                    array_map(static fn (Hazard $h): string => $h->value, $family->hazardsBy($tool)),
                    array_map(static fn (Hazard $h): string => $h->value, $family->hazards),
                ),
                'laying it brings no danger that it has not',
            );
        }
    }
}
