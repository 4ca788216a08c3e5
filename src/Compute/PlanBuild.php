<?php

declare(strict_types=1);

namespace KindHeel\App\Compute;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Planning\Dropped;
use KindHeel\Core\Treatment\Planning\Kit;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Planning\Refusal;
use KindHeel\Core\Treatment\Planning\Supply;
use KindHeel\Core\Treatment\Planning\TrialFirst;
use KindHeel\Core\Treatment\Planning\Wait;

/**
 * `plan.build`: the work on a piece, from what was seen and agreed.
 *
 * @phpstan-type ToldWait array{step: string, min_minutes: float, max_minutes: float|null}
 * @phpstan-type ToldStep array{
 *     id: string, action: string, on: list<array{part: string, half: string}>, minutes: int, after: list<ToldWait>,
 *     tries: list<string>, cautions: list<string>, title: string, ...<string, mixed>
 * }
 */
final readonly class PlanBuild implements Computation
{
    public static function name(): string
    {
        return 'plan.build';
    }

    public function compute(mixed $input): array
    {
        $read = new Reader();
        $fields = $read->object($input, '', PlanCaseReader::REQUIRED, PlanCaseReader::OPTIONAL);
        $case = (new PlanCaseReader($read))->case($fields ?? []);

        return self::told(Planner::plan($case->piece, Air::reference(), $case->wishes));
    }

    /** @return array<string, mixed> */
    private static function told(Plan $plan): array
    {
        return [
            'steps' => self::trialsInOne(array_map(self::step(...), $plan->steps)),
            'trials_first' => array_map(
                static fn (TrialFirst $t): array => [
                    ...self::place($t->at),
                    'trial' => $t->trial->value,
                    'family' => $t->family?->value,
                    'compulsory' => $t->compulsory,
                ],
                $plan->trialsFirst,
            ),
            'refusals' => array_map(
                static fn (Refusal $r): array => [...self::place($r->at), 'what' => $r->what, 'rule' => $r->rule, 'why' => $r->text],
                $plan->refused,
            ),
            'referrals' => array_map(static fn (Remark $r): array => ['rule' => $r->rule, 'why' => $r->text], $plan->referrals),
            'dropped' => array_map(
                static fn (Dropped $d): array => [
                    'what' => $d->what,
                    'on' => array_map(self::place(...), $d->on),
                    'rule' => $d->rule,
                    'why' => $d->text,
                    'cost' => $d->cost,
                ],
                $plan->dropped,
            ),
            'tell_owner' => array_map(static fn (Remark $r): array => ['rule' => $r->rule, 'text' => $r->text], $plan->tellOwner),
            'kit' => array_map(self::supply(...), Kit::of($plan->steps)),
            'hands_on_minutes' => (int) $plan->handsOnMinutes,
            'elapsed_minutes' => (int) ceil($plan->elapsedMinutes),
            'hands_on_minutes_most' => (int) $plan->handsOnMinutesMost,
            'elapsed_minutes_most' => (int) ceil($plan->elapsedMinutesMost),
        ];
    }

    /**
     * Trials in a row are one step here, on all their places and with all their products; what waits for one of them waits as long as that one dries.
     *
     * @param list<ToldStep> $steps
     *
     * @return list<ToldStep>
     */
    private static function trialsInOne(array $steps): array
    {
        $told = $instead = [];
        foreach ($steps as $step) {
            $after = [];
            foreach ($step['after'] as $wait) {
                $wait['step'] = $instead[$wait['step']] ?? $wait['step'];
                $wait['min_minutes'] = max($wait['min_minutes'], $after[$wait['step']]['min_minutes'] ?? 0.0);
                $after[$wait['step']] = $wait;
            }
            $step['after'] = array_values($after);
            $last = array_key_last($told);
            if (null === $last || Action::Trial->value !== $step['action'] || Action::Trial->value !== $told[$last]['action']) {
                $told[] = $step;
                continue;
            }
            $one = $told[$last];
            $instead[$step['id']] = $one['id'];
            $one['on'] = array_values(array_unique([...$one['on'], ...$step['on']], \SORT_REGULAR));
            $one['minutes'] += $step['minutes'];
            $one['tries'] = [...$one['tries'], ...$step['tries']];
            $one['cautions'] = array_values(array_unique([...$one['cautions'], ...$step['cautions']]));
            $one['title'] .= str_replace('Try out of sight: ', ', ', $step['title']);
            $told[$last] = $one;
        }

        return $told;
    }

    /** @return ToldStep */
    private static function step(PlannedStep $planned): array
    {
        $step = $planned->step;

        return [
            'id' => $step->id,
            ...null === $step->ifNeededAfter ? [] : ['if_needed_after' => $step->ifNeededAfter],
            'phase' => $step->phase->value,
            'action' => $step->action->value,
            'family' => $step->family?->value,
            'applicator' => $step->applicator->value,
            'coats' => $step->coats,
            'coat' => $step->coat,
            'on' => array_map(self::place(...), $step->on),
            'minutes' => (int) $planned->minutes,
            'attended' => true,
            'station' => $planned->station->value,
            'colour_family' => $planned->brush->value,
            'after' => array_map(
                static fn (Wait $w): array => ['step' => $w->bond->step, 'min_minutes' => $w->minMinutes ?? 0.0, 'max_minutes' => $w->maxMinutes],
                $planned->waits,
            ),
            'gate' => null === $planned->gate ? null : ['test' => $planned->gate],
            'needs' => null === $planned->amount || null === $step->family
                    ? []
                    : [['family' => $step->family->value, 'amount' => $planned->amount->quantity, 'unit' => $planned->amount->unit->value]],
            'supplies' => array_map(self::supply(...), $planned->supplies),
            'tries' => array_map(static fn (FamilyId $f): string => $f->value, $step->tries),
            'rules' => $planned->rules,
            'cautions' => $planned->cautions,
            'title' => $planned->title,
            'why' => $planned->why,
            'how' => $planned->how,
        ];
    }

    /** @return array{part: string, half: string} */
    private static function place(Place $place): array
    {
        return ['part' => $place->part->value, 'half' => $place->half->value];
    }

    /** @return array<string, mixed> */
    private static function supply(Supply $supply): array
    {
        return ['name' => $supply->name, 'amount' => $supply->amount, 'unit' => $supply->unit, 'detail' => $supply->detail];
    }
}
