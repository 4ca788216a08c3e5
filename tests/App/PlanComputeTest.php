<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Compute\InputErrors;
use KindHeel\App\Compute\PlanBuild;
use KindHeel\App\Compute\PlanCheck;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/**
 * `plan.build` and `plan.check` as a script meets them: by the keys and words of their contract.
 *
 * @phpstan-type ToldStep array{id: string, phase: string, action: string, family: string|null, applicator: string, coats: int, coat: int, on: list<mixed>,
 *     after: list<array{step: string, min_minutes: float, max_minutes: float|null}>, rules: list<string>, cautions: list<string>, if_needed_after?: string}
 * @phpstan-type ToldPlan array{steps: list<ToldStep>, trials_first: list<mixed>, referrals: list<array{rule: string}>, dropped: list<array{what: string}>,
 *     elapsed_minutes: int, hands_on_minutes: int, hands_on_minutes_most: int}
 * @phpstan-type ToldCase array{piece: array<string, mixed>, aim: string}
 */
final class PlanComputeTest extends TestCase
{
    private const VAMP = ['part' => 'vamp', 'half' => 'left'];
    private const SPOT = self::VAMP + ['finding' => 'bleached-spot', 'severity' => 3, 'length_mm' => 12, 'width_mm' => 8, 'depth_mm' => 0, 'share' => null];

    public function testAPlanSaysWhatTheContractNames(): void
    {
        $plan = $this->build(
            $this->pair('aniline', [
                'findings' => [self::SPOT],
                'gloss' => 'glow',
                'schools' => ['cleaning' => 'dry-first'],
                'trials' => [self::VAMP + ['trial' => 'T-5', 'family' => 'alcohol', 'outcome' => 'colour-lifts']],
            ]),
        );
        self::assertSame(
            [],
            array_diff(['steps', 'trials_first', 'refusals', 'referrals', 'dropped', 'tell_owner', 'hands_on_minutes', 'elapsed_minutes'], array_keys($plan)),
        );
        $spot = $this->step($plan, 'dye-spirit');
        self::assertSame(
            [],
            array_diff(
                [
                    'id', 'phase', 'action', 'family', 'applicator', 'coats', 'coat', 'on', 'minutes', 'attended', 'station',
                    'colour_family', 'after', 'gate', 'needs', 'rules', 'cautions', 'why', 'how',
                ],
                array_keys($spot),
            ),
        );
        self::assertSame(
            ['colour', 'lay', 'bud', 2, 1, [self::VAMP]],
            [$spot['phase'], $spot['action'], $spot['applicator'], $spot['coats'], $spot['coat'], $spot['on']],
        );
        self::assertContains('O-17', $spot['rules']);
        self::assertContains('H-2', $spot['cautions']);
        self::assertContainsEquals(
            ['part' => 'vamp', 'half' => 'left', 'trial' => 'T-7', 'family' => 'dye-spirit', 'compulsory' => true],
            $plan['trials_first'],
        );
        $degrease = array_values(array_filter($spot['after'], static fn (array $a): bool => null !== $a['max_minutes']));
        self::assertSame([8.0, 60.0], [$degrease[0]['min_minutes'], $degrease[0]['max_minutes']]);
        self::assertSame(
            ['violations' => [], 'ok' => true],
            $this->check($this->pair('aniline', ['findings' => [self::SPOT], 'gloss' => 'glow']), $plan['steps']),
        );
    }

    /** Pieces of every kind in any state: what the planner makes the checker accepts, told of nothing but what the contract names. */
    public function testEveryOwnPlanIsAcceptedWithTheKeysOfTheContractAlone(): void
    {
        $dice = new Randomizer(new Xoshiro256StarStar(8));
        $keys = array_flip(['id', 'action', 'family', 'applicator', 'on', 'after']);
        for ($number = 0; $number < 150; ++$number) {
            $case = self::anyCase($dice);
            $plan = $this->build($case);
            $steps = array_map(static fn (array $step): array => array_intersect_key($step, $keys), $plan['steps']);
            self::assertSame(['violations' => [], 'ok' => true], $this->check($case, $steps), json_encode($case, \JSON_THROW_ON_ERROR));
            $actions = array_column($plan['steps'], 'action');
            $held = array_filter($plan['steps'], static fn (array $step): bool => isset($step['if_needed_after']));
            foreach ($held as $step) {
                self::assertSame('gate', $actions[(int) array_search($step['if_needed_after'], array_column($plan['steps'], 'id'), true)]);
            }
            self::assertSame([] === $held, $plan['hands_on_minutes'] === $plan['hands_on_minutes_most']);
        }
    }

    /** @return array<string, mixed> */
    private static function anyCase(Randomizer $dice): array
    {
        $one = static fn (array $of): mixed => $of[$dice->getInt(0, \count($of) - 1)];
        $kind = $one(Kind::cases());
        \assert($kind instanceof Kind);
        $parts = $findings = [];
        foreach ($kind->halves() as $half) {
            foreach ($kind->parts() as $part) {
                $parts[] = [
                    'part' => $part->value, 'half' => $half->value, 'material' => $one(array_column(Material::cases(), 'value')),
                    'certainty' => $one(['known', 'known', 'likely', 'guess']), 'dryness' => $one(['supple', 'thirsty', 'stiff']),
                    'shade' => $one(['brown', 'brown', 'navy', 'ivory']), 'flags' => $one([[], [], ['contrast-stitching'], ['perforated']]),
                ];
            }
        }
        for ($n = $dice->getInt(1, 6); $n > 0; --$n) {
            $at = $one($parts);
            \assert(\is_array($at));
            $findings[] = ['part' => $at['part'], 'half' => $at['half'], 'finding' => $one(array_column(FindingKind::cases(), 'value')),
                'severity' => $dice->getInt(1, 4), 'length_mm' => $dice->getInt(1, 90), 'width_mm' => $dice->getInt(1, 50)];
        }
        [$family, $name] = explode('/', $kind->value);

        return [
            'piece' => ['family' => $family, 'kind' => $name, 'parts' => $parts], 'findings' => $findings,
            'aim' => $one(['keep', 'freshen', 'restore', 'recolour', 'work-proof']), 'gloss' => $one(['matt', 'satin', 'glow']),
        ];
    }

    public function testWhoWaitsForALaterCoatHasWaitedForTheEarlierOnesToo(): void
    {
        $on = [self::VAMP];
        $steps = [
            ['id' => 'a', 'action' => 'photograph', 'on' => $on],
            ['id' => 'b', 'action' => 'lay', 'family' => 'topcoat', 'applicator' => 'sponge', 'on' => $on],
            ['id' => 'c', 'action' => 'lay', 'family' => 'wax', 'applicator' => 'cloth', 'on' => $on, 'after' => [['step' => 'b', 'min_minutes' => 300]]],
        ];
        $ends = fn (int $minutes): array => array_column(
            $this->check($this->pair('pigmented'), [...$steps, ['id' => 'd', 'action' => 'hand-over', 'on' => $on, 'after' => [['step' => 'c',
                'min_minutes' => $minutes]]]])['violations'],
            'rule',
        );
        self::assertContains('O-29', $ends(720), 'the wax has come to rest, the topcoat below it has not');
        self::assertNotContains('O-29', $ends(3600));
    }

    public function testAReferralForTheWholePieceGivesNoSteps(): void
    {
        $plan = $this->build($this->pair('aniline', ['findings' => [['finding' => 'red-rot'] + self::SPOT]]));
        self::assertSame([], $plan['steps']);
        self::assertSame('J-6', $plan['referrals'][0]['rule']);
    }

    public function testAnHourIsKeptAndWhatIsLeftOutIsListed(): void
    {
        $plan = $this->build(
            $this->pair('pigmented', [
                'aim' => 'ready-fast',
                'findings' => [['finding' => 'scuff'] + self::SPOT],
                'now' => '2026-03-02T09:00:00+00:00',
                'ready_by' => '2026-03-02T12:00:00+00:00',
            ]),
        );
        self::assertLessThanOrEqual(180, $plan['elapsed_minutes']);
        self::assertContains('cream', array_column($plan['dropped'], 'what'));
        self::assertContains('shine', array_column($plan['steps'], 'family'), 'something is still done for its looks');
    }

    public function testWhatHasBeenChangedByHandIsJudgedByItsState(): void
    {
        $lay = static fn (string $id, string $family, array $after = [], string $part = 'vamp'): array => [
            'id' => $id,
            'action' => 'lay',
            'family' => $family,
            'applicator' => 'cloth',
            'on' => [['part' => $part, 'half' => 'left']],
            'after' => $after,
        ];
        $rules = fn (array $steps, string $material = 'pigmented'): array => array_column($this->check($this->pair($material), $steps)['violations'], 'rule');
        self::assertContains('O-13', $rules([$lay('a', 'conditioner'), $lay('b', 'paint')]));
        self::assertNotContains('O-13', $rules([$lay('a', 'conditioner'), $lay('d', 'alcohol'), $lay('b', 'paint')]));
        self::assertContains('O-7', $rules([$lay('a', 'damp-cloth'), $lay('b', 'cream', [['step' => 'a', 'min_minutes' => 5]])]));
        self::assertNotContains('O-7', $rules([$lay('a', 'damp-cloth'), $lay('b', 'cream', [['step' => 'a', 'min_minutes' => 12]])]));
        self::assertContains('C-4', $rules([$lay('a', 'wax')], 'suede'));
        self::assertContains('O-12', $rules([$lay('a', 'alcohol'), $lay('b', 'paint', [['step' => 'a', 'min_minutes' => 8, 'max_minutes' => 90]])]));
        self::assertNotContains('O-12', $rules([$lay('a', 'alcohol'), $lay('b', 'paint', [['step' => 'a', 'min_minutes' => 8, 'max_minutes' => 60]])]));
        self::assertNotContains(
            'W-1',
            $rules([$lay('b', 'cream', [['step' => 'gone', 'min_minutes' => 12]])]),
            'a bond to a step that was dropped binds nothing',
        );
        $late = $this->check($this->pair('pigmented'), [$lay('a', 'paint'), $lay('b', 'paint', [['step' => 'a', 'min_minutes' => 20, 'max_minutes' => 3000]])]);
        self::assertContains(['O-18', 'warn'], array_map(static fn (array $v): array => [$v['rule'], $v['severity']], $late['violations']));
        self::assertFalse($late['ok']);
    }

    public function testWhatIsNotWantedIsSaidAsUnwise(): void
    {
        self::assertSame([['rule' => 'H-2', 'step' => 'a', 'severity' => 'warn', 'message' => 'Wax polish is not wanted here.']], $this->unwanted('solvent'));
        self::assertSame('H-1', $this->unwanted('wax')[0]['rule']);
        self::assertSame([], $this->unwanted('acid'));
    }

    /** @return list<array{rule: string, step: string, severity: string, message: string}> what is said of wax when this is left out */
    private function unwanted(string $exclude): array
    {
        $wax = ['id' => 'a', 'action' => 'lay', 'family' => 'wax', 'applicator' => 'cloth', 'on' => [self::VAMP]];
        $found = $this->check($this->pair('pigmented', ['exclude' => [$exclude]]), [$wax])['violations'];

        return array_values(array_filter($found, static fn (array $v): bool => str_contains($v['message'], 'not wanted')));
    }

    public function testATrialThatIsToldWithoutWhatItTriesSpeaksForAll(): void
    {
        $trial = ['id' => 't', 'action' => 'trial', 'on' => [self::VAMP], 'after' => []];
        $cream = [
            'id' => 'b',
            'action' => 'lay',
            'family' => 'cream',
            'applicator' => 'cloth',
            'on' => [self::VAMP],
            'after' => [['step' => 't', 'min_minutes' => 60]],
        ];
        self::assertNotContains('C-1', array_column($this->check($this->pair('aniline'), [$trial, $cream])['violations'], 'rule'));
        self::assertContains('C-1', array_column($this->check($this->pair('aniline'), [$cream])['violations'], 'rule'));
        self::assertContains('C-1', array_column($this->check($this->pair('aniline'), [$trial + ['family' => 'wax'], $cream])['violations'], 'rule'));
    }

    public function testEveryWrongPlaceIsNamed(): void
    {
        $wrong = $this->pair('aniline', [
            'aim' => 'polish',
            'colour' => 'red',
            'gloss' => 'shiny',
            'exclude' => ['fire'],
            'schools' => ['cleaning' => 'never', 'cooking' => 'hot'],
            'part_aims' => ['flap' => 'keep', 'vamp' => 'burn'],
            'ready_by' => '2026-03-02',
            'trials' => [self::VAMP + ['trial' => 'T-1', 'outcome' => 'melts']],
        ]);
        $wrong['findings'] = [['severity' => 9] + self::SPOT, ['half' => 'whole'] + self::SPOT, ['share' => 2] + self::SPOT];
        $sound = ['half' => 'left', 'material' => 'aniline'];
        $wrong['piece'] = [
            'family' => 'low-shoe',
            'kind' => 'derby',
            'parts' => [self::VAMP + $sound, ['part' => 'toe'] + $sound, self::VAMP + ['material' => 'cheese'], ['part' => 'flap', 'area_dm2' => -1] + $sound],
        ];
        self::assertEqualsCanonicalizing(
            [
                '/colour', '/aim', '/gloss', '/part_aims/flap', '/part_aims/vamp', '/piece/parts/2/material', '/piece/parts/3/part',
                '/piece/parts/3/area_dm2', '/findings/0/severity', '/findings/1', '/findings/2/share', '/trials/0/outcome',
                '/schools/cleaning', '/schools/cooking', '/exclude/0', '/ready_by',
            ],
            $this->pointers(fn () => $this->build($wrong)),
        );
        self::assertSame(['/piece', '/aim'], $this->pointers(fn () => $this->build([])));
        self::assertSame(
            ['/piece/kind'],
            $this->pointers(
                fn () => $this->build(['piece' => ['family' => 'low-shoe', 'kind' => 'satchel', 'parts' => [self::VAMP + $sound]], 'aim' => 'keep']),
            ),
        );
        self::assertSame(
            ['/ready_by'],
            $this->pointers(fn () => $this->build($this->pair('aniline', ['ready_by' => '2026-03-01T09:00:00+00:00', 'now' => '2026-03-02T09:00:00+00:00']))),
        );
        $steps = [
            ['id' => 'a', 'action' => 'lay', 'on' => [self::VAMP]],
            ['id' => 'a', 'action' => 'dance', 'on' => []],
            ['id' => 'c', 'action' => 'mask', 'on' => [], 'after' => [['min_minutes' => -1]], 'speed' => 3],
        ];
        self::assertEqualsCanonicalizing(
            [
                '/steps/0/family', '/steps/1/id', '/steps/1/action', '/steps/1/on', '/steps/2/on', '/steps/2/after/0/step',
                '/steps/2/after/0/min_minutes', '/steps/2/speed',
            ],
            $this->pointers(fn () => $this->check($this->pair('aniline'), $steps)),
        );
    }

    public function testTheScriptAnswersWithExitCodes(): void
    {
        $run = static function (string $name, array $input): Process {
            $process = new Process(
                ['php', 'bin/console', 'compute', $name],
                \dirname(__DIR__, 2),
                ['DATABASE_URL' => 'mysql://nobody@127.0.0.1:1/none?serverVersion=10.11.0-MariaDB'],
                json_encode($input, \JSON_THROW_ON_ERROR),
            );
            $process->run();

            return $process;
        };
        $good = $run('plan.build', $this->pair('aniline'));
        self::assertSame(0, $good->getExitCode(), $good->getErrorOutput());
        self::assertJson($good->getOutput());
        $bad = $run('plan.check', $this->pair('aniline'));
        self::assertSame([2, ''], [$bad->getExitCode(), $bad->getOutput()]);
        self::assertSame('{"errors":[{"path":"/steps","message":"is missing"}]}', trim($bad->getErrorOutput()));
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private function pair(string $material, array $more = []): array
    {
        $part = static fn (string $half): array => [
            'part' => 'vamp',
            'half' => $half,
            'material' => $material,
            'certainty' => 'known',
            'dryness' => 'thirsty',
            'flags' => [],
            'area_dm2' => null,
        ];

        return $more + [
            'piece' => ['family' => 'low-shoe', 'kind' => 'derby', 'size_eu' => 42, 'parts' => [$part('left'), $part('right')]],
            'aim' => 'restore',
        ];
    }

    /**
     * @param array<string, mixed> $input
     *
     * @return ToldPlan
     */
    private function build(array $input): array
    {
        /** @var ToldPlan $plan */
        $plan = (new PlanBuild())->compute(json_decode(json_encode((object) $input, \JSON_THROW_ON_ERROR)));

        return $plan;
    }

    /**
     * @param array<string, mixed> $input
     * @param array<mixed>         $steps
     *
     * @return array{violations: list<array{rule: string, step: string, severity: string, message: string}>, ok: bool}
     */
    private function check(array $input, array $steps): array
    {
        /** @var array{violations: list<array{rule: string, step: string, severity: string, message: string}>, ok: bool} $found */
        $found = (new PlanCheck())->compute(json_decode(json_encode(['steps' => $steps] + $input, \JSON_THROW_ON_ERROR)));

        return $found;
    }

    /** @return list<string> */
    private function pointers(\Closure $compute): array
    {
        try {
            $compute();
        } catch (InputErrors $wrong) {
            return array_column($wrong->errors, 'path');
        }
        self::fail('It was let through.');
    }

    /**
     * @param ToldPlan $plan
     *
     * @return ToldStep
     */
    private function step(array $plan, string $family): array
    {
        return array_values(array_filter($plan['steps'], static fn (array $s): bool => $s['family'] === $family))[0];
    }
}
