<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Clock\Iso;
use KindHeel\App\Colour\PotCoats;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StepDetail;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StepsAtWork;
use KindHeel\App\Plan\StepReader;
use KindHeel\App\Plan\StepView;
use KindHeel\App\Shelf\OnShelf;
use KindHeel\App\Shelf\PlansNeed;
use KindHeel\App\Shelf\Stock;
use KindHeel\App\Timetable\CurrentTimetable;
use KindHeel\Core\Schedule\Call;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\NextUp;
use KindHeel\Core\Schedule\Urgency;
use KindHeel\Core\Treatment\Planning\ProductNeed;

/** What the bench calls for somebody, the most pressing first, with all that is in the hand for it. */
final readonly class CallReader
{
    /** The hand shows one step and the two that follow. */
    private const CALLS = 3;

    public function __construct(private Steps $steps, private Stock $stock, private PlansNeed $plansNeed, private PotCoats $potCoats)
    {
    }

    /**
     * What calls for this person: their own running step, not those of others.
     *
     * @param list<Job>               $jobs
     * @param array<int, StepsAtWork> $atWork
     *
     * @return list<Call>
     */
    public static function order(array $jobs, array $atWork, int $person, CurrentTimetable $ahead, \DateTimeImmutable $now): array
    {
        $others = [];
        foreach ($atWork as $ofPiece) {
            foreach ($ofPiece->steps as $step) {
                if ($step->isRunning() && $step->work->startedBy !== $person) {
                    $others[$step->id] = true;
                }
            }
        }
        $shown = [];
        $pieces = [];
        foreach (NextUp::order($jobs, $now, $ahead->ranksFor($person)) as $call) {
            // Beside what is most pressing, one for each piece: any of them may be taken from the rack.
            if (!isset($others[$call->task->id]) && (\count($shown) < self::CALLS || !isset($pieces[$call->task->piece]))) {
                $shown[] = $call;
                $pieces[$call->task->piece] = true;
            }
        }

        return $shown;
    }

    /**
     * @param list<Call>             $calls
     * @param array<int, Row>        $pieces
     * @param array<int, Job>        $jobs
     * @param array<int, int>        $minutes by step
     * @param array<int, GoesToView> $goesTo  by piece
     *
     * @return list<CallView>
     */
    public function views(array $calls, array $pieces, array $jobs, array $minutes, array $goesTo): array
    {
        $ids = array_map(static fn (Call $c): int => $c->task->id, $calls);
        foreach ($calls as $call) {
            foreach (Urgency::Missed === $call->urgency ? $call->task->after : [] as $bond) {
                $ids[] = $jobs[$call->task->piece]->tasks[$bond->step]->id;
            }
        }
        $details = $this->steps->details(array_values(array_unique($ids)));
        $views = array_map(StepReader::view(...), $details);
        $families = [];
        foreach ($details as $detail) {
            $families[$detail->step->family->value ?? ''] = $detail->step->family;
        }
        $families = array_values(array_filter($families));
        $products = [] === $families ? [] : $this->stock->all(...$families);
        $found = [];
        $pots = $this->potCoats->from(array_map(static fn (Call $c): StepDetail => $details[$c->task->id], $calls));
        foreach ($calls as $call) {
            $detail = $details[$call->task->id];
            $family = $detail->step->family;
            $found[] = new CallView(
                $views[$call->task->id],
                $pieces[$call->task->piece]->text('name'),
                $call->urgency,
                Iso::of($call->closesAt),
                $call->task->running || !isset($minutes[$call->task->id]) ? max(1, (int) round($call->task->minutes)) : $minutes[$call->task->id],
                Urgency::Missed === $call->urgency ? self::again($call, $jobs[$call->task->piece], $views) : null,
                $goesTo[$call->task->piece] ?? null,
                null === $family || null === $detail->amount ? null : $this->plansNeed->beforeStep($products, $family, $detail->shade, $detail->amount),
                self::takes($products, $detail),
                $pots[$call->task->id] ?? null,
            );
        }

        return $found;
    }

    /** @param list<OnShelf> $products */
    private static function takes(array $products, StepDetail $detail): ?TakesView
    {
        $family = $detail->step->family;
        $product = null === $family || null === $detail->amount ? null : PlansNeed::product($products, $family, $detail->shade);

        return null === $product ? null : new TakesView(
            $product->id,
            $product->name,
            round(ProductNeed::fromPack($family, (float) $detail->amount, $product->dilution()), 1),
            $product->unit,
        );
    }

    /**
     * Where the step of a piece after the one that calls is meant for somebody else.
     *
     * @param list<Call>              $calls
     * @param array<int, StepsAtWork> $atWork
     * @param array<int, string>      $people
     *
     * @return array<int, GoesToView> by piece
     */
    public static function goesTo(array $calls, array $atWork, CurrentTimetable $ahead, array $people, int $person, \DateTimeImmutable $now): array
    {
        // Of each piece that calls the first two: one of them may be the step that calls.
        $next = array_fill_keys(array_map(static fn (Call $c): int => $c->task->piece, $calls), []);
        foreach ($ahead->blocks as [$step, $whose, $start, , $piece]) {
            if (\count($next[$piece] ?? [0, 0]) < 2 && $atWork[$piece]->isOpen($step)) {
                $next[$piece][$step] = [$whose, $start];
            }
        }
        $goes = [];
        foreach ($calls as $call) {
            $piece = $call->task->piece;
            [$whose, $start] = current(array_diff_key($next[$piece], [$call->task->id => true])) ?: [$person, 0];
            if ($whose !== $person && isset($people[$whose])) {
                $goes[$piece] ??= new GoesToView($people[$whose], Iso::of($now->setTimestamp($start)) ?? '');
            }
        }

        return $goes;
    }

    /** @param array<int, StepView> $views */
    private static function again(Call $missed, Job $job, array $views): ?AgainView
    {
        foreach ($missed->task->after as $bond) {
            if (null !== $bond->withinMinutes) {
                $view = $views[$job->tasks[$bond->step]->id];

                return new AgainView($view->id, $view->version, $view->title);
            }
        }

        return null;
    }
}
