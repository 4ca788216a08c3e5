<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Colour;

use KindHeel\Core\Colour\Calibration;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Recipe\CorrectionSearch;
use KindHeel\Core\Colour\Recipe\Layer;
use KindHeel\Core\Colour\Recipe\NotReached;
use KindHeel\Core\Colour\Recipe\PotSize;
use KindHeel\Core\Colour\Recipe\Recipe;
use KindHeel\Core\Colour\Recipe\RecipeSearch;
use KindHeel\Core\Colour\Recipe\Target;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @phpstan-type TargetCase array{spectrum?: array{values: list<float>}, lab?: array{L: float, a: float, b: float}} */
final class RecipeTest extends TestCase
{
    public function testWorkedRecipesAreFoundAgain(): void
    {
        /** @var list<array{input: array{target: TargetCase, illuminants: array<string, float>}, known_drops: array<string, int>}> $known */
        $known = HouseRange::vectors()['colour.recipe']['known'];
        foreach ($known as $case) {
            $best = $this->search(self::target($case['input']['target'], $case['input']['illuminants']))->recipes(PotSize::of(10, 60), 4)[0];
            self::assertLessThan(0.01, $best->weighted);
            self::assertEqualsCanonicalizing(array_keys($case['known_drops']), array_keys($best->drops));
        }
        /** @var list<array{input: array{target: TargetCase}, best_dE00_drops: float, best_dE00_continuous: float}> $outside */
        $outside = HouseRange::vectors()['colour.recipe']['outside'];
        foreach ($outside as $case) {
            $search = $this->search(self::target($case['input']['target'], []));
            self::assertLessThan($case['best_dE00_drops'] + 0.1, $search->recipes(PotSize::of(10, 60), 4)[0]->weighted);
            self::assertLessThan($case['best_dE00_continuous'] + 0.01, $search->nearest(4));
        }
    }

    public function testWhatWasMixedFromThesePaintsIsFoundAgain(): void
    {
        $random = new Randomizer(new Mt19937(20261126));
        $paints = HouseRange::paints();
        $misses = [];
        for ($i = 0; $i < 30; ++$i) {
            $shelf = array_map(static fn (string $id): Paint => $paints[$id], array_map(strval(...), $random->pickArrayKeys($paints, 12)));
            $byId = array_combine(array_map(static fn (Paint $p): string => $p->id, $shelf), $shelf);
            $drops = [];
            foreach ($random->pickArrayKeys($byId, $random->getInt(2, 4)) as $id) {
                $drops[(string) $id] = $random->getInt(3, 15);
            }
            $film = 0 === $i % 3;
            $layer = $film ? Layer::over(HouseRange::ground('brown'), 0.8) : Layer::opaque();
            $look = Mixture::of($byId, $drops)->look($layer->ground, $layer->thickness);
            $target = 0 === $i % 2 ? Target::spectrum($look, ['D65' => 1.0, 'F10' => 0.5]) : Target::lab(Light::daylight()->lab($look));
            $misses[] = (new RecipeSearch($shelf, $target, $layer, static fn (): bool => true))->recipes(PotSize::of(10, 60), 4)[0]->weighted;
        }
        sort($misses);
        self::assertLessThan(0.5, $misses[28]);
        self::assertLessThan(1.0, $misses[29]);
    }

    public function testRecipesAreWholeDropsWithinThePotBestFirstAndEachOneDifferent(): void
    {
        $recipes = $this->search(Target::lab(Lab::of(45.0, 20.0, 25.0)))->recipes(PotSize::of(17, 23), 3);
        self::assertCount(5, $recipes);
        $before = -1.0;
        foreach ($recipes as $recipe) {
            self::assertSame(array_sum($recipe->drops), $recipe->total);
            self::assertTrue($recipe->total >= 17 && $recipe->total <= 23);
            self::assertLessThanOrEqual(3, $recipe->paints());
            self::assertNotContains(0, $recipe->drops);
            self::assertGreaterThanOrEqual($before, round($recipe->weighted / 0.02));
            $before = round($recipe->weighted / 0.02);
            $again = Mixture::of(HouseRange::paints(), $recipe->drops)->look();
            self::assertSame($again->values, $recipe->spectrum->values, 'it predicts what the drops give');
            self::assertNull($recipe->worst, 'a colour without a spectrum has no worst light');
        }
        self::assertCount(5, array_unique(array_map(static fn (Recipe $r): string => json_encode($r->drops, \JSON_THROW_ON_ERROR), $recipes)));
    }

    public function testBinderThinsAFilmAndStaysOutOfAnOpaqueOne(): void
    {
        $drops = ['brick' => 6, Paint::CLEAR_BINDER => 24];
        $layer = Layer::over(HouseRange::ground('veg-tan-natural'), 0.5);
        $target = Target::spectrum(Mixture::of(HouseRange::paints(), $drops)->look($layer->ground, $layer->thickness));
        $search = new RecipeSearch(array_values(HouseRange::paints()), $target, $layer, static fn (): bool => true);
        $thinned = $search->recipes(PotSize::of(10, 60), 4, true)[0];
        self::assertLessThan(0.3, $thinned->weighted);
        self::assertLessThanOrEqual(4, $thinned->paints());
        self::assertArrayNotHasKey(Paint::CLEAR_BINDER, $this->search(Target::lab(Lab::of(45.0, 20.0, 25.0)))->recipes(PotSize::of(10, 60), 4, true)[0]->drops);
    }

    public function testATargetMatchedByDayMayDifferUnderTheTubeAndItSaysWhere(): void
    {
        $look = Mixture::of(HouseRange::paints(), ['moss' => 20, 'soot-black' => 1, 'marigold' => 4])->look();
        $shelf = array_values(array_diff_key(HouseRange::paints(), ['moss' => 1]));
        $best = (new RecipeSearch($shelf, Target::spectrum($look), Layer::opaque(), static fn (): bool => true))->recipes(PotSize::of(10, 60), 4)[0];
        self::assertNotNull($best->worst);
        self::assertLessThan(0.3, $best->weighted);
        self::assertGreaterThan($best->weighted, $best->worst->dE00);
    }

    public function testASearchThatMayNotGoOnStillAnswersAndOneThatMayIsTheSameEachTime(): void
    {
        $target = Target::lab(Lab::of(45.0, 20.0, 25.0));
        $cut = new RecipeSearch(array_values(HouseRange::paints()), $target, Layer::opaque(), static fn (): bool => false);
        self::assertLessThan(6.0, $cut->recipes(PotSize::of(10, 60), 4)[0]->weighted);
        self::assertEquals($this->search($target)->recipes(PotSize::of(10, 60), 4), $this->search($target)->recipes(PotSize::of(10, 60), 4));
    }

    public function testWorkedCorrections(): void
    {
        /**
         * @var list<array{name: string, input: array{pot: array<string, int>, capacity_drops: int, target: TargetCase, illuminants: array<string,
         *     float>, measured?: array{values: list<float>}}, known_additions_total?: int, reachable: bool, reason_code?: string,
         *     best_dE00_any_additions?: float, start_dE00: float}> $cases
         */
        $cases = [...self::cases('reachable'), ...self::cases('impossible')];
        foreach ($cases as $case) {
            $input = $case['input'];
            $learned = isset($input['measured'])
                ? Calibration::of(Mixture::of(HouseRange::paints(), $input['pot']), Spectrum::grid(HouseRange::floats($input['measured']['values'])))
                : null;
            $found = (new CorrectionSearch(
                array_values(HouseRange::paints()),
                $input['pot'],
                $input['capacity_drops'],
                self::target($input['target'], $input['illuminants']),
                Layer::opaque(),
                $learned,
                static fn (): bool => true,
            ))->correct(4, 1.0);
            self::assertEqualsWithDelta($case['start_dE00'], $found->before->weighted, 1e-3, $case['name']);
            self::assertSame($case['reachable'], null === $found->reason);
            self::assertLessThanOrEqual($input['capacity_drops'], $found->after->total);
            self::assertSame([], array_filter($found->additions, static fn (int $n): bool => $n <= 0));
            self::assertLessThanOrEqual(4, \count($found->additions));
            if ($case['reachable']) {
                self::assertLessThan(0.3, $found->after->weighted);
                self::assertLessThanOrEqual($case['known_additions_total'] ?? 0, $found->added());
            } else {
                self::assertSame($case['reason_code'] ?? '', $found->reason?->value);
                self::assertEqualsWithDelta($case['best_dE00_any_additions'] ?? 0.0, $found->after->weighted, 0.3);
                self::assertLessThan(0.3, $found->restart->weighted ?? \INF);
            }
        }
        self::assertCount(5, $cases);
    }

    public function testAPotThatIsRightNeedsNothing(): void
    {
        $pot = ['chalk-white' => 30, 'brick' => 9];
        $target = Target::spectrum(Mixture::of(HouseRange::paints(), $pot)->look());
        $found = $this->correction($pot, 80, $target)->correct(4, 1.0);
        self::assertSame([[], null], [$found->additions, $found->reason]);
    }

    public function testASimpleCorrectionIsPreferredToANearerOneOfManyPaints(): void
    {
        $pot = ['chalk-white' => 30, 'brick' => 9];
        $paler = Target::spectrum(Mixture::of(HouseRange::paints(), ['chalk-white' => 41, 'brick' => 9])->look());
        self::assertSame(['chalk-white'], array_keys($this->correction($pot, 80, $paler)->simplest(4, 1.0)->additions));
        self::assertSame([], $this->correction($pot, 80, Target::spectrum(Mixture::of(HouseRange::paints(), $pot)->look()))->simplest(4, 1.0)->additions);
        $far = $this->correction(['soot-black' => 30], 40, $paler)->simplest(4, 1.0);
        self::assertSame(NotReached::Capacity, $far->reason);
    }

    public function testNothingMayBeAddedAndClearPaintsMakeNoOpaqueFilm(): void
    {
        $brown = Target::spectrum(Mixture::of(HouseRange::paints(), ['chalk-white' => 20, 'marigold' => 9, 'fir' => 6])->look());
        self::assertSame([], $this->correction(['chalk-white' => 20], 40, $brown)->correct(0, 1.0)->additions);
        $clear = Paint::of('varnish', array_fill(0, 31, 0.0), array_fill(0, 31, 0.0));
        $black = Target::spectrum(Spectrum::flat(0.0));
        $recipes = (new RecipeSearch([$clear, HouseRange::paints()['slate']], $black, Layer::opaque(), static fn (): bool => true))->recipes(
            PotSize::of(5, 20),
            4,
        );
        self::assertSame(['slate'], array_keys($recipes[0]->drops));
        $this->expectExceptionMessage('no paints to mix from');
        new RecipeSearch([$clear], $black, Layer::opaque(), static fn (): bool => true);
    }

    public function testWhyItCannotBeReached(): void
    {
        $black = ['soot-black' => 30];
        $white = Target::spectrum(Mixture::of(HouseRange::paints(), ['chalk-white' => 1])->look());
        $full = $this->correction($black, 40, $white)->correct(4, 1.0);
        self::assertSame(NotReached::Capacity, $full->reason);
        self::assertNotNull($full->restart);
        self::assertSame(['chalk-white'], array_keys($full->restart->drops));
        $sky = Target::lab(Lab::of(60.0, -60.0, -60.0));
        self::assertSame(NotReached::OutOfRange, $this->correction($black, 300, $sky)->correct(4, 1.0)->reason);
        $brown = Target::spectrum(Mixture::of(HouseRange::paints(), ['chalk-white' => 20, 'marigold' => 9, 'fir' => 6])->look());
        $few = $this->correction(['chalk-white' => 20], 40, $brown)->correct(1, 1.0);
        self::assertSame(NotReached::TooMany, $few->reason);
        self::assertLessThanOrEqual(1, \count($few->additions));
    }

    public function testADabTeachesHowStrongThisPotReallyIs(): void
    {
        $pot = ['chalk-white' => 30, 'brick' => 9];
        $mixture = Mixture::of(HouseRange::paints(), $pot);
        $really = Calibration::of($mixture, $mixture->absorbing(array_fill(0, 31, 1.25))->look());
        self::assertEqualsWithDelta(array_fill(0, 31, 1.25), $really->ratio, 1e-6);
        $wild = Calibration::of($mixture, Spectrum::flat(0.001));
        self::assertSame([], array_filter($wild->ratio, static fn (float $r): bool => $r < 0.2 || $r > 5.0), 'held within bounds');
        self::assertContains(5.0, $wild->ratio);
        $target = Target::spectrum($mixture->look());
        $blind = $this->correction($pot, 80, $target)->correct(4, 1.0);
        $taught = (new CorrectionSearch(array_values(HouseRange::paints()), $pot, 80, $target, Layer::opaque(), $really, static fn (): bool => true))->correct(
            4,
            0.6,
        );
        self::assertSame([], $blind->additions);
        self::assertArrayHasKey('chalk-white', $taught->additions, 'it is too strong: white lets it down');
        self::assertNull($taught->reason);
    }

    /** @return list<mixed> */
    private static function cases(string $kind): array
    {
        $cases = HouseRange::vectors()['colour.correct'][$kind];
        \assert(\is_array($cases));

        return array_values($cases);
    }

    /**
     * @param TargetCase           $target
     * @param array<string, float> $weights
     */
    private static function target(array $target, array $weights): Target
    {
        return isset($target['lab'])
            ? Target::lab(Lab::of($target['lab']['L'], $target['lab']['a'], $target['lab']['b']))
            : Target::spectrum(Spectrum::grid(HouseRange::floats($target['spectrum']['values'] ?? [])), array_map(floatval(...), $weights));
    }

    private function search(Target $target): RecipeSearch
    {
        return new RecipeSearch(array_values(HouseRange::paints()), $target, Layer::opaque(), static fn (): bool => true);
    }

    /** @param array<string, int> $pot */
    private function correction(array $pot, int $capacity, Target $target): CorrectionSearch
    {
        return new CorrectionSearch(array_values(HouseRange::paints()), $pot, $capacity, $target, Layer::opaque(), null, static fn (): bool => true);
    }
}
