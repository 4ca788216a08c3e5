<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Compute\InputErrors;
use KindHeel\App\Compute\ScheduleSolve;
use KindHeel\Tests\Support\RandomShop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** `schedule.solve` as a script calls it. */
final class ScheduleComputeTest extends TestCase
{
    public function testAWeekComesBackInTheOffsetOfNowWithItsObjective(): void
    {
        $week = RandomShop::week(1, 12, 2);
        $week['now'] = '2026-03-02T09:00:00+01:00';
        $week['time_limit_ms'] = 200;
        $answer = (new ScheduleSolve())->compute(json_decode(json_encode($week, \JSON_THROW_ON_ERROR), flags: \JSON_THROW_ON_ERROR));
        self::assertSame(['steps', 'jobs', 'objective', 'lower_bound', 'broken_windows'], array_keys($answer));
        \assert(\is_array($answer['steps']) && \is_array($answer['steps'][0]) && \is_string($answer['steps'][0]['start']));
        self::assertStringEndsWith('+01:00', $answer['steps'][0]['start']);
        self::assertCount(12, $answer['steps']);
    }

    public function testGoingFromPieceToPieceIsCountedWhereItCostsSomething(): void
    {
        $week = ['switch_minutes' => 2, 'handover_minutes' => 5, 'time_limit_ms' => 200] + RandomShop::week(2, 14, 2);
        $answer = (new ScheduleSolve())->compute(json_decode(json_encode($week, \JSON_THROW_ON_ERROR), flags: \JSON_THROW_ON_ERROR));
        \assert(\is_array($answer['objective']));
        self::assertSame(['weighted_tardiness', 'total_completion_minutes', 'changes', 'switches', 'handovers'], array_keys($answer['objective']));
        self::assertGreaterThan(0, $answer['objective']['switches']);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function wrong(): iterable
    {
        $step = ['id' => 's', 'minutes' => 10, 'attended' => true, 'after' => []];
        $shop = self::shop(...);
        yield 'no now' => [['people' => [], 'jobs' => []], ['/now']];
        yield 'set-up' => [$shop([$step], ['switch_minutes' => -1, 'handover_minutes' => 2.5]), ['/switch_minutes', '/handover_minutes']];
        yield 'a set-up longer than every shift' => [$shop([$step], ['handover_minutes' => 100_000]), ['/handover_minutes']];
        yield 'a circle' => [
            $shop([
                ['after' => [['step' => 't', 'min_minutes' => 0, 'max_minutes' => null]]] + $step,
                ['id' => 't', 'after' => [['step' => 's', 'min_minutes' => 0, 'max_minutes' => null]]] + $step,
            ]),
            ['/jobs'],
        ];
        yield 'unknown and negative' => [
            $shop([['station' => 'moon', 'minutes' => -1, 'after' => [['step' => 'x', 'min_minutes' => -5, 'max_minutes' => null]]] + $step]),
            ['/jobs/0/steps/0/minutes', '/jobs/0/steps/0/station', '/jobs/0/steps/0/after/0/min_minutes'],
        ];
        yield 'a step that is not there' => [
            $shop([['after' => [['step' => 'x', 'min_minutes' => 0, 'max_minutes' => null]]] + $step]),
            ['/jobs/0/steps/0/after/0/step'],
        ];
        yield 'twice' => [$shop([$step, $step]), ['/jobs/0/steps/1/id']];
        yield 'no steps' => [$shop([]), ['/jobs/0/steps']];
        yield 'a window that closes before it opens' => [
            $shop([$step, ['id' => 't', 'after' => [['step' => 's', 'min_minutes' => 30, 'max_minutes' => 20]]] + $step]),
            ['/jobs/0/steps/1/after/0/max_minutes'],
        ];
        yield 'shifts' => [
            $shop(
                [$step],
                [
                    'people' => [
                        [
                            'id' => 'p',
                            'skills' => [1],
                            'shifts' => [
                                ['2026-03-02T08:00:00+00:00', '2026-03-02T12:00:00+00:00'],
                                ['2026-03-02T11:00:00+00:00', '2026-03-02T13:00:00+00:00'],
                                ['2026-03-02T15:00:00+00:00', '2026-03-02T14:00:00+00:00'],
                            ],
                        ],
                    ],
                ],
            ),
            ['/people/0/skills/0', '/people/0/shifts/1', '/people/0/shifts/2'],
        ];
        yield 'fixed' => [
            $shop(
                [$step],
                [
                    'fixed' => [
                        ['step' => 'x', 'start' => '2026-03-02T08:00:00+00:00'],
                        ['step' => 's', 'start' => '2026-03-02T08:00:30+00:00', 'person' => 'nobody'],
                    ],
                ],
            ),
            ['/fixed/0/step', '/fixed/1/start', '/fixed/1/person'],
        ];
        yield 'longer than any shift' => [$shop([['minutes' => 241] + $step]), ['/jobs/0/steps/0/minutes']];
        yield 'two things at once' => [
            $shop(
                [$step, ['id' => 't'] + $step],
                [
                    'fixed' => [
                        ['step' => 's', 'start' => '2026-03-02T08:00:00+00:00', 'person' => 'p'],
                        ['step' => 't', 'start' => '2026-03-02T08:09:00+00:00', 'person' => 'p'],
                    ],
                ],
            ),
            ['/fixed/1/start'],
        ];
        yield 'begun before what it follows had ended' => [
            $shop(
                [$step, ['id' => 't', 'after' => [['step' => 's', 'min_minutes' => 0, 'max_minutes' => null]]] + $step],
                [
                    'fixed' => [
                        ['step' => 't', 'start' => '2026-03-02T07:00:00+00:00', 'person' => 'p'],
                        ['step' => 's', 'start' => '2026-03-02T07:30:00+00:00', 'person' => 'p'],
                    ],
                ],
            ),
            ['/fixed/0/start'],
        ];
        yield 'fixed twice' => [
            $shop(
                [$step],
                [
                    'fixed' => [
                        ['step' => 's', 'start' => '2026-03-02T08:00:00+00:00', 'person' => 'p'],
                        ['step' => 's', 'start' => '2026-03-02T09:00:00+00:00', 'person' => 'p'],
                    ],
                ],
            ),
            ['/fixed/1/step'],
        ];
        yield 'unknown words' => [$shop([['colour' => 'red'] + $step], ['speed' => 1]), ['/jobs/0/steps/0/colour', '/speed']];
    }

    /**
     * @param array<string, mixed> $input
     * @param list<string>         $pointers
     */
    #[DataProvider('wrong')]
    public function testWrongInputNamesThePlace(array $input, array $pointers): void
    {
        try {
            (new ScheduleSolve())->compute(json_decode(json_encode($input, \JSON_THROW_ON_ERROR), flags: \JSON_THROW_ON_ERROR));
            self::fail('it must be refused');
        } catch (InputErrors $errors) {
            self::assertEqualsCanonicalizing($pointers, array_column($errors->errors, 'path'));
        }
    }

    /**
     * @param list<array<string, mixed>> $steps
     * @param array<string, mixed>       $more
     *
     * @return array<string, mixed>
     */
    private static function shop(array $steps, array $more = []): array
    {
        return $more + [
            'now' => '2026-03-02T08:00:00+00:00',
            'people' => [['id' => 'p', 'skills' => [], 'shifts' => [['2026-03-02T08:00:00+00:00', '2026-03-02T12:00:00+00:00']]]],
            'jobs' => [['id' => 'a', 'due' => '2026-03-02T12:00:00+00:00', 'weight' => 1, 'steps' => $steps]],
        ];
    }
}
