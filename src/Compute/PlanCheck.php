<?php

declare(strict_types=1);

namespace KindHeel\App\Compute;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\Planning\DryingTimes;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;
use KindHeel\Core\Treatment\Wish\Wishes;

/** `plan.check`: what the rules say of an order of steps, whoever made it. */
final readonly class PlanCheck implements Computation
{
    private const STEP = ['id', 'action', 'on'];
    /** What a step of `plan.build` carries besides, so that its steps can be handed on as they are. */
    private const STEP_BESIDE = [
        'family',
        'applicator',
        'after',
        'phase',
        'coats',
        'coat',
        'minutes',
        'attended',
        'station',
        'colour_family',
        'gate',
        'needs',
        'supplies',
        'tries',
        'rules',
        'cautions',
        'title',
        'why',
        'how',
        'if_needed_after',
    ];

    public static function name(): string
    {
        return 'plan.check';
    }

    public function compute(mixed $input): array
    {
        $read = new Reader();
        $fields = $read->object($input, '', [...PlanCaseReader::REQUIRED, 'steps'], PlanCaseReader::OPTIONAL) ?? [];
        $cases = new PlanCaseReader($read);
        $steps = \array_key_exists('steps', $fields) ? $this->steps($read, $cases, $fields['steps']) : [];
        unset($fields['steps']);
        $case = $cases->case($fields);
        $violations = Checker::standard()->check($case->piece, $steps);

        return [
            'violations' => [...array_map(static fn (Violation $v): array => [
                'rule' => $v->rule,
                'step' => $v->step,
                'severity' => $v->stops ? 'stop' : 'warn',
                'message' => $v->message,
            ], $violations), ...self::unwanted($case->wishes, $steps)],
            'ok' => [] === array_filter($violations, static fn (Violation $v): bool => $v->stops),
        ];
    }

    /**
     * What the owner or the shop has said they do not want.
     *
     * @param list<Step> $steps
     *
     * @return list<array{rule: string, step: string, severity: string, message: string}>
     */
    private static function unwanted(Wishes $wishes, array $steps): array
    {
        $found = [];
        foreach ($steps as $step) {
            if (null === $step->family) {
                continue;
            }
            $unwanted = $wishes->excludes($step->family);
            if (null !== $unwanted) {
                $found[] = [
                    'rule' => $unwanted instanceof Hazard ? $unwanted->rule() : 'H-1',
                    'step' => $step->id,
                    'severity' => 'warn',
                    'message' => \sprintf('%s is not wanted here.', ucfirst($step->family->label())),
                ];
            }
        }

        return $found;
    }

    /** @return list<Step> */
    private function steps(Reader $read, PlanCaseReader $cases, mixed $value): array
    {
        $times = new DryingTimes(Air::reference());
        $steps = [];
        $drying = $tried = [];
        foreach ($read->list($value, '/steps') ?? [] as $i => $told) {
            $path = '/steps/'.$i;
            $fields = $read->object($told, $path, self::STEP, self::STEP_BESIDE);
            if (null === $fields) {
                continue;
            }
            $id = $fields['id'] ?? null;
            if (\array_key_exists('id', $fields) && (!\is_string($id) || '' === $id)) {
                $read->fault($path.'/id', 'must be a name');
            } elseif (\is_string($id) && \array_key_exists($id, $drying)) {
                $read->fault($path.'/id', 'is given twice');
            }
            $id = \is_string($id) ? $id : '';
            $action = \array_key_exists('action', $fields) ? $read->choice($fields['action'], $path.'/action', Action::class) : null;
            $family = isset($fields['family']) ? $read->choice($fields['family'], $path.'/family', FamilyId::class) : null;
            $applicator = isset($fields['applicator']) ? $read->choice($fields['applicator'], $path.'/applicator', Applicator::class) : Applicator::None;
            if (Action::Lay === $action && !isset($fields['family'])) {
                $read->fault($path.'/family', 'is missing: what is laid?');
            }
            $on = [];
            foreach (\array_key_exists('on', $fields) ? $read->list($fields['on'], $path.'/on', 1) ?? [] : [] as $j => $place) {
                $on[] = $cases->placeAt($place, $path.'/on/'.$j);
            }
            $after = $this->after($read, $fields['after'] ?? [], $path.'/after', $drying, $times, $family, $tried);
            $drying[$id] = null;
            $on = array_values(array_filter($on));
            if (null !== $action && null !== $applicator && [] !== $on) {
                $lays = Action::Lay === $action;
                $tries = $lays ? [] : $this->tries($read, $fields['tries'] ?? [], $path, Action::Trial === $action ? $family : null);
                $step = Step::told($id, $action, $lays ? $family : null, $applicator, $on, $after, $tries);
                if (Action::Trial === $action) {
                    $tried[$id] = $tries;
                }
                $drying[$id] = $step->dryingFamily() ?? (Action::Trial === $action ? FamilyId::DampCloth : null);
                $steps[] = $step;
            }
        }

        return $steps;
    }

    /** @return list<FamilyId> */
    private function tries(Reader $read, mixed $value, string $path, ?FamilyId $family): array
    {
        $tries = null === $family ? [] : [$family];
        foreach ($read->list($value, $path.'/tries') ?? [] as $i => $id) {
            $tries[] = $read->choice($id, $path.'/tries/'.$i, FamilyId::class);
        }

        return array_values(array_filter($tries));
    }

    /**
     * Bonds to steps that come earlier; one that was dropped, or now comes later, binds nothing.
     *
     * @param array<string, FamilyId|null>  $drying family whose drying an earlier step began
     * @param FamilyId|null                 $laid   by the step that waits: of a trial it waits for its own product
     * @param array<string, list<FamilyId>> $tried  by an earlier trial
     *
     * @return list<After>
     */
    private function after(Reader $read, mixed $value, string $path, array $drying, DryingTimes $times, ?FamilyId $laid, array $tried): array
    {
        $after = $waited = [];
        foreach ($read->list($value, $path) ?? [] as $i => $told) {
            $fields = $read->object($told, $path.'/'.$i, ['step'], ['min_minutes', 'max_minutes']);
            if (null === $fields) {
                continue;
            }
            $min = isset($fields['min_minutes']) ? $read->number($fields['min_minutes'], $path.'/'.$i.'/min_minutes', 0.0) : 0.0;
            $max = isset($fields['max_minutes']) ? $read->number($fields['max_minutes'], $path.'/'.$i.'/max_minutes', 0.0) : null;
            $step = $fields['step'] ?? null;
            if (\array_key_exists('step', $fields) && !\is_string($step)) {
                $read->fault($path.'/'.$i.'/step', 'must be the id of a step');
            } elseif (\is_string($step) && \array_key_exists($step, $drying)) {
                // A trial that does not say of what is one of all that follows: each waits for its own.
                $isTried = isset($tried[$step]) && ([] === $tried[$step] || \in_array($laid, $tried[$step], true));
                $own = null !== $laid && $isTried ? $laid : $drying[$step];
                $after[$step] = $times->bond($step, $own, $min ?? 0.0, $max);
                $waited[$step] = $min ?? 0.0;
            }
        }

        foreach ($this->waitedMeanwhile($waited, $drying, $times) as $step => $bond) {
            $after[$step] = isset($after[$step]) ? $after[$step]->and($bond) : $bond;
        }

        return array_values($after);
    }

    /**
     * Who waits for a later step has waited at least as long for every coat that lay there before it.
     *
     * @param array<string, float>         $waited minutes, by the step that is waited for
     * @param array<string, FamilyId|null> $drying in the order of the steps
     *
     * @return array<string, After>
     */
    private function waitedMeanwhile(array $waited, array $drying, DryingTimes $times): array
    {
        $after = [];
        $longest = 0.0;
        foreach (array_reverse($drying, true) as $step => $family) {
            $longest = max($longest, $waited[$step] ?? 0.0);
            if ($longest > 0.0 && null !== $family && $longest > ($waited[$step] ?? 0.0)) {
                $bond = $times->bond($step, $family, $longest, null);
                if (null !== $bond->from) {
                    $after[$step] = $bond;
                }
            }
        }

        return $after;
    }
}
