<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Compute\Computation;
use KindHeel\App\Compute\Script\Computations;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Process;

/** The script interface as a script meets it: a process with three streams and an exit code. */
final class ComputeTest extends TestCase
{
    private const AIR = ['from' => '2026-03-02T10:00:00+01:00', 'temp_c' => 20.0, 'rh' => 0.5, 'speed_ms' => 0.1];
    private const SOUND = [
        'family' => 'paint',
        'laid_at' => '2026-03-02T10:00:00+01:00',
        'thickness_factor' => 1.0,
        'learned_factor' => 1.0,
        'air' => [self::AIR],
    ];

    public function testAForecastComesBackInTheOffsetThatWasGiven(): void
    {
        $result = $this->computed(self::SOUND);
        self::assertSame(['touch' => 12.0, 'recoat_from' => 20.0, 'recoat_until' => 1440.0, 'next' => 120.0, 'full' => 2880.0], $result['minutes']);
        self::assertSame('2026-03-02T10:12:00+01:00', $result['stages']['touch']);
        self::assertSame([false, []], [$result['stalled'], $result['warnings']]);
    }

    public function testAFamilyOfOnesOwnAndFactorsLeftOut(): void
    {
        $custom = [
            'dries_by' => 'water', 'full_by' => null, 'touch_minutes' => 10, 'recoat_from_minutes' => null, 'recoat_until_minutes' => null,
            'next_minutes' => 30, 'full_minutes' => 90, 'film' => true, 'min_temp_c' => 12,
        ];
        $cold = ['temp_c' => 11.0] + self::AIR;
        $result = $this->computed(['custom' => $custom, 'laid_at' => '2026-03-02T10:00:00Z', 'air' => [$cold]]);
        self::assertTrue($result['stalled']);
        self::assertSame('W-3', $result['warnings'][0]['rule']);
        self::assertSame([null, null, null], [$result['minutes']['touch'], $result['minutes']['recoat_from'], $result['minutes']['full']]);
        $result = $this->computed(['custom' => $custom, 'laid_at' => '2026-03-02T10:00:00Z', 'air' => [['temp_c' => 20.0] + self::AIR]]);
        self::assertSame(90.0, $result['minutes']['full'], 'no driver: plain minutes');
    }

    /** @return iterable<string, array{string, list<string>}> input and the pointers that must be named */
    public static function wrong(): iterable
    {
        yield 'nothing' => ['', ['']];
        yield 'broken' => ['{"family": ', ['']];
        yield 'a list' => ['[]', ['']];
        yield 'empty' => ['{}', ['/laid_at', '/air', '/family']];
        yield 'several at once' => [
            json_encode(
                [
                    'family' => 'pant',
                    'laid_at' => '2026-03-02',
                    'thickness_factor' => 0,
                    'colour' => 'red',
                    'air' => [['temp_c' => 'warm', 'rh' => 40, 'speed_ms' => -1] + self::AIR],
                ],
                \JSON_THROW_ON_ERROR,
            ),
            ['/colour', '/family', '/laid_at', '/thickness_factor', '/air/0/temp_c', '/air/0/rh', '/air/0/speed_ms'],
        ];
        yield 'air that begins too late' => [
            json_encode(['air' => [['from' => '2026-03-02T10:00:01+01:00'] + self::AIR]] + self::SOUND, \JSON_THROW_ON_ERROR),
            ['/air/0/from'],
        ];
        yield 'air that goes back in time' => [json_encode(['air' => [self::AIR, self::AIR]] + self::SOUND, \JSON_THROW_ON_ERROR), ['/air/1/from']];
        yield 'both a family and one’s own' => [json_encode(['custom' => []] + self::SOUND, \JSON_THROW_ON_ERROR), ['/family']];
        yield 'no air' => [json_encode(['air' => []] + self::SOUND, \JSON_THROW_ON_ERROR), ['/air']];
    }

    /** @param list<string> $pointers */
    #[DataProvider('wrong')]
    public function testWrongInputNamesEveryWrongPlaceAndAnswersNothing(string $input, array $pointers): void
    {
        $process = $this->compute('dry.forecast', $input);
        self::assertSame(2, $process->getExitCode(), $process->getErrorOutput());
        self::assertSame('', $process->getOutput());
        $errors = json_decode($process->getErrorOutput(), true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($errors);
        self::assertIsArray($errors['errors']);
        self::assertEqualsCanonicalizing($pointers, array_column($errors['errors'], 'path'));
    }

    public function testEveryComputationCanBeCalled(): void
    {
        $there = [];
        foreach ((new Finder())->files()->in(\dirname(__DIR__, 2).'/src/Compute')->name('*.php')->contains('implements Computation') as $file) {
            $there[] = 'KindHeel\App\Compute\\'.str_replace('/', '\\', substr($file->getRelativePathname(), 0, -4));
        }
        $named = array_map(Computations::named(...), Computations::names());
        self::assertEqualsCanonicalizing($there, array_map(static fn (?Computation $c): string => $c instanceof Computation ? $c::class : '', $named));
        self::assertCount(15, $there);
        $said = $this->compute('dry.prophecy', '{}')->getErrorOutput();
        foreach (Computations::names() as $name) {
            self::assertStringContainsString($name, $said);
        }
    }

    /** With an option it goes the long way, through the application. */
    public function testTheApplicationAnswersTheSame(): void
    {
        $input = json_encode(self::SOUND, \JSON_THROW_ON_ERROR);
        $call = [\PHP_BINARY, 'bin/console', '--no-ansi', 'compute', 'dry.forecast'];
        $process = new Process($call, \dirname(__DIR__, 2), ['APP_ENV' => 'test', 'APP_DEBUG' => '0'], $input, 60);
        self::assertSame($this->compute('dry.forecast', $input)->getOutput(), $process->mustRun()->getOutput());
    }

    public function testAComputationThatDoesNotExistIsWrongInputToo(): void
    {
        self::assertSame(2, $this->compute('dry.prophecy', '{}')->getExitCode());
    }

    /**
     * @param array<string, mixed> $input
     *
     * @return array{stages: array<string, string|null>, minutes: array<string, float|null>, stalled: bool, warnings: list<array{rule: string,
     *     message: string}>}
     */
    private function computed(array $input): array
    {
        $process = $this->compute('dry.forecast', json_encode($input, \JSON_THROW_ON_ERROR));
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        self::assertSame('', $process->getErrorOutput());
        /**
         * @var array{stages: array<string, string|null>, minutes: array<string, float|null>, stalled: bool, warnings: list<array{rule: string,
         *     message: string}>} $result
         */
        $result = json_decode($process->getOutput(), true, flags: \JSON_THROW_ON_ERROR);

        return $result;
    }

    /** Without a database: the command must not need one. */
    private function compute(string $name, string $input): Process
    {
        $process = new Process(
            [\PHP_BINARY, 'bin/console', 'compute', $name],
            \dirname(__DIR__, 2),
            ['APP_ENV' => 'test', 'APP_DEBUG' => '0', 'DATABASE_URL' => 'mysql://nobody@127.0.0.1:1/nothing?serverVersion=10.11.0-MariaDB'],
            $input,
            60,
        );
        $process->run();

        return $process;
    }
}
