<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Compute\Colour\ColourCoats;
use KindHeel\App\Compute\Colour\ColourCorrect;
use KindHeel\App\Compute\Colour\ColourDifference;
use KindHeel\App\Compute\Colour\ColourFromSpectrum;
use KindHeel\App\Compute\Colour\ColourMix;
use KindHeel\App\Compute\Colour\ColourRecipe;
use KindHeel\App\Compute\Computation;
use KindHeel\App\Compute\InputErrors;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The six computations of colour as a script calls them. */
final class ColourComputeTest extends TestCase
{
    private const LAB = ['L' => 45, 'a' => 20, 'b' => 25];

    public function testFromACommandLine(): void
    {
        $process = new Process(
            [\PHP_BINARY, 'bin/console', 'compute', 'colour.difference'],
            \dirname(__DIR__, 2),
            ['APP_ENV' => 'test', 'APP_DEBUG' => '0'],
            '{"a": {"L": 50, "a": 2.5, "b": 0}, "b": {"L": 50, "a": 3.1736, "b": 0.5854}}',
            60,
        );
        $process->mustRun();
        $answer = json_decode($process->getOutput(), true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);
        self::assertSame(['dE00', 'dE76', 'dL', 'dC', 'dH'], array_keys($answer));
        self::assertEqualsWithDelta(1.0, $answer['dE00'], 1e-4);
    }

    public function testAGreyFromItsSpectrum(): void
    {
        $answer = $this->compute(new ColourFromSpectrum(), [
            'spectrum' => ['start' => 360, 'step' => 20, 'values' => array_fill(0, 18, 0.184187)],
            'illuminant' => 'A',
            'observer' => '1964_10',
        ]);
        self::assertEqualsWithDelta(50.0, $answer['L'], 1e-3);
        self::assertSame(['#777777', true], [$answer['hex'], $answer['in_srgb']]);
    }

    public function testAMixOverADyedGroundAndTheGroundAlone(): void
    {
        $ground = ['values' => HouseRange::ground('tan')->values];
        $input = [
            'paints' => HouseRange::paintInput(),
            'drops' => ['straw' => 1.5, 'clear-binder' => 2],
            'ground' => $ground,
            'thickness' => 0.3,
            'dyes' => [['id' => 'tea', 'k' => HouseRange::dye('tea')->k, 'uptake' => 0.8]],
        ];
        $mixed = $this->compute(new ColourMix(), $input);
        $bare = $this->compute(new ColourMix(), ['drops' => new \stdClass()] + $input);
        self::assertSame(0.0, $bare['contrast_ratio']);
        self::assertGreaterThan($bare['b'], $mixed['b'], 'yellow over it');
        self::assertSame([400, 10], [self::at($mixed, 'spectrum', 'start'), self::at($mixed, 'spectrum', 'step')]);
        $masstone = $this->compute(new ColourMix(), ['paints' => HouseRange::paintInput(), 'drops' => ['brick' => 3], 'thickness' => null]);
        self::assertSame(1.0, $masstone['contrast_ratio']);
    }

    public function testARecipeNamesItsWorstLight(): void
    {
        $look = $this->compute(new ColourMix(), ['paints' => HouseRange::paintInput(), 'drops' => ['chalk-white' => 20, 'brick' => 3], 'thickness' => null])[
            'spectrum'
        ];
        $answer = $this->compute(new ColourRecipe(), [
            'target' => ['spectrum' => $look],
            'paints' => HouseRange::paintInput(),
            'pot' => ['drops_min' => 10, 'drops_max' => 60],
            'illuminants' => ['D65' => 2, 'A' => 0],
            'seed' => 7,
            'time_limit_ms' => 5000,
        ]);
        self::assertEquals((object) ['chalk-white' => 20, 'brick' => 3], self::at($answer, 'recipes', 0, 'drops'));
        self::assertSame(['D65', 'A'], self::keys($answer, 'recipes', 0, 'dE00'));
        self::assertEqualsWithDelta(0.0, self::at($answer, 'recipes', 0, 'metamerism', 'dE00'), 1e-6);
        $lab = $this->compute(new ColourRecipe(), [
            'target' => ['lab' => self::LAB + ['illuminant' => 'D50', 'observer' => '1964_10']],
            'paints' => HouseRange::paintInput(),
            'pot' => ['drops_min' => 0, 'drops_max' => 30],
        ]);
        self::assertNull(self::at($lab, 'recipes', 0, 'metamerism'));
        self::assertSame(['D50'], self::keys($lab, 'recipes', 0, 'lab'));
    }

    public function testACorrectionAndAFreshStart(): void
    {
        $paints = HouseRange::paintInput();
        $target = $this->compute(new ColourMix(), ['paints' => $paints, 'drops' => ['chalk-white' => 30, 'brick' => 9, 'straw' => 6], 'thickness' => null])[
            'spectrum'
        ];
        $answer = $this->compute(new ColourCorrect(), [
            'pot' => ['chalk-white' => 30, 'brick' => 9],
            'capacity_drops' => 80,
            'target' => ['spectrum' => $target],
            'paints' => $paints,
        ]);
        self::assertTrue($answer['reachable']);
        self::assertEquals((object) ['straw' => 6], $answer['additions']);
        self::assertSame([6, 45, null, null], [$answer['added_drops'], $answer['total_drops'], $answer['reason'], $answer['restart']]);
        $full = $this->compute(new ColourCorrect(), [
            'pot' => ['soot-black' => 30],
            'capacity_drops' => 30,
            'target' => ['spectrum' => $target],
            'paints' => $paints,
        ]);
        self::assertEquals([false, new \stdClass()], [$full['reachable'], $full['additions']]);
        self::assertSame('capacity', self::at($full, 'reason', 'code'));
        self::assertLessThan(0.6, self::at($full, 'restart', 'weighted_dE00'));
    }

    public function testCoatsWithABaseAndWithout(): void
    {
        $paints = HouseRange::paintInput();
        $answer = $this->compute(new ColourCoats(), [
            'paints' => $paints,
            'drops' => ['straw' => 10],
            'ground' => ['values' => HouseRange::ground('black')->values],
            'thickness_per_coat' => 0.5,
            'base' => $paints[0],
        ]);
        $bare = self::at($answer, 'without_base', 'coats');
        $base = self::at($answer, 'with_base', 'base_coats');
        $based = self::at($answer, 'with_base', 'coats');
        \assert(\is_int($bare) && \is_int($base) && \is_int($based));
        self::assertCount($bare, self::keys($answer, 'without_base', 'steps'));
        self::assertSame($bare - $base - $based, $answer['saves_coats']);
        $never = $this->compute(new ColourCoats(), [
            'paints' => $paints,
            'drops' => ['straw' => 10],
            'ground' => ['values' => HouseRange::ground('black')->values],
            'thickness_per_coat' => 0.05,
            'tolerance_dE00' => 0.001,
            'max_coats' => 3,
        ]);
        self::assertSame(
            [null, 3, null, null],
            [self::at($never, 'without_base', 'coats'), \count(self::keys($never, 'without_base', 'steps')), $never['with_base'], $never['saves_coats']],
        );
    }

    /** @return iterable<string, array{class-string<Computation>, array<string, mixed>, list<string>}> */
    public static function wrong(): iterable
    {
        $paints = HouseRange::paintInput();
        $grid = array_fill(0, 31, 0.5);
        $recipe = ['target' => ['lab' => self::LAB], 'paints' => $paints, 'pot' => ['drops_min' => 10, 'drops_max' => 60]];
        $correct = ['pot' => ['straw' => 5], 'capacity_drops' => 30, 'target' => ['lab' => self::LAB], 'paints' => $paints];
        $mix = ['paints' => $paints, 'drops' => ['straw' => 5], 'thickness' => null];
        $coats = ['paints' => $paints, 'drops' => ['straw' => 5], 'ground' => ['values' => $grid], 'thickness_per_coat' => 0.5];
        yield 'no colours' => [ColourDifference::class, ['a' => ['L' => 'pale', 'a' => 1, 'b' => 1], 'c' => 1], ['/b', '/c', '/a/L']];
        yield 'a spectrum of the wrong shape' => [
            ColourFromSpectrum::class,
            ['spectrum' => ['start' => 300, 'step' => 3, 'values' => $grid], 'illuminant' => 'D66', 'observer' => '2'],
            ['/spectrum/start', '/spectrum/step', '/illuminant', '/observer'],
        ];
        yield 'too bright' => [
            ColourFromSpectrum::class,
            ['spectrum' => ['values' => array_replace($grid, [2 => 1.6, 5 => -1])]],
            ['/spectrum/values/2', '/spectrum/values/5'],
        ];
        yield 'bands missing' => [ColourFromSpectrum::class, ['spectrum' => ['values' => [0.5]]], ['/spectrum/values']];
        yield 'ends at 670' => [
            ColourFromSpectrum::class,
            ['spectrum' => ['start' => 400, 'step' => 10, 'values' => array_fill(0, 28, 0.1)]],
            ['/spectrum/values'],
        ];
        yield 'paint twice, one short, one unclear binder' => [
            ColourMix::class,
            [
                'paints' => [
                    $paints[0],
                    $paints[0],
                    ['id' => 'x', 'K' => [1], 'S' => $grid],
                    ['id' => 'clear-binder', 'K' => $grid, 'S' => array_fill(0, 31, 0)],
                ],
            ] + $mix,
            ['/paints/1/id', '/paints/2/K', '/paints/3/K', '/drops/straw'],
        ];
        yield 'drops' => [
            ColourMix::class,
            ['drops' => ['straw' => -1, 'gold' => 2], 'thickness' => -1] + $mix,
            ['/drops/straw', '/drops/gold', '/thickness', '/ground'],
        ];
        yield 'no drop' => [ColourMix::class, ['drops' => ['straw' => 0]] + $mix, ['/drops']];
        yield 'opaque binder' => [ColourMix::class, ['drops' => ['clear-binder' => 3]] + $mix, ['/drops']];
        yield 'a film over nothing' => [ColourMix::class, ['thickness' => 10001] + $mix, ['/thickness', '/ground']];
        yield 'a dye' => [
            ColourMix::class,
            ['ground' => ['values' => $grid], 'dyes' => [['id' => 'tea', 'k' => $grid, 'uptake' => -1]]] + $mix,
            ['/dyes/0/uptake'],
        ];
        yield 'a recipe' => [
            ColourRecipe::class,
            ['pot' => ['drops_min' => 20, 'drops_max' => 10], 'max_paints' => 7, 'illuminants' => ['D65' => 0], 'thickness' => 1] + $recipe,
            ['/pot/drops_min', '/max_paints', '/illuminants', '/ground'],
        ];
        yield 'no paints' => [ColourRecipe::class, ['paints' => []] + $recipe, ['/paints']];
        yield 'two targets and another light' => [
            ColourRecipe::class,
            ['target' => ['lab' => self::LAB, 'spectrum' => ['values' => $grid]], 'illuminants' => ['D99' => 1]] + $recipe,
            ['/target', '/illuminants/D99'],
        ];
        yield 'a Lab target under another light' => [ColourRecipe::class, ['illuminants' => ['D65' => 1, 'A' => 1]] + $recipe, ['/illuminants/A']];
        yield 'a correction' => [
            ColourCorrect::class,
            ['pot' => ['straw' => 1.5], 'capacity_drops' => 0, 'measured' => ['start' => 380, 'step' => 10, 'values' => array_fill(0, 36, 0.5)]] + $correct,
            ['/pot/straw', '/capacity_drops', '/measured', '/pot'],
        ];
        yield 'too small a pot' => [ColourCorrect::class, ['capacity_drops' => 4] + $correct, ['/capacity_drops']];
        yield 'an empty pot' => [ColourCorrect::class, ['pot' => ['straw' => 0]] + $correct, ['/pot']];
        yield 'coats' => [
            ColourCoats::class,
            ['thickness_per_coat' => -1, 'max_coats' => 61, 'base' => ['id' => 'w']] + $coats,
            ['/thickness_per_coat', '/max_coats', '/base/K', '/base/S'],
        ];
        yield 'coats of binder' => [ColourCoats::class, ['drops' => ['clear-binder' => 1]] + $coats, ['/drops']];
    }

    /**
     * @param class-string<Computation> $computation
     * @param array<string, mixed>      $input
     * @param list<string>              $pointers
     */
    #[DataProvider('wrong')]
    public function testWrongInputNamesEveryWrongPlace(string $computation, array $input, array $pointers): void
    {
        try {
            $this->compute(new $computation(), $input);
            self::fail('it must be refused');
        } catch (InputErrors $errors) {
            self::assertEqualsCanonicalizing($pointers, array_column($errors->errors, 'path'));
        }
    }

    /**
     * @param array<string, mixed> $input
     *
     * @return array<string, mixed>
     */
    private function compute(Computation $computation, array $input): array
    {
        return $computation->compute(json_decode(json_encode($input, \JSON_THROW_ON_ERROR), flags: \JSON_THROW_ON_ERROR));
    }

    /** @param array<string, mixed> $answer */
    private static function at(array $answer, string|int ...$path): mixed
    {
        $value = $answer;
        foreach ($path as $key) {
            self::assertIsArray($value);
            self::assertArrayHasKey($key, $value);
            $value = $value[$key];
        }

        return $value;
    }

    /**
     * @param array<string, mixed> $answer
     *
     * @return list<string|int>
     */
    private static function keys(array $answer, string|int ...$path): array
    {
        $value = self::at($answer, ...$path);
        self::assertIsArray($value);

        return array_keys($value);
    }
}
