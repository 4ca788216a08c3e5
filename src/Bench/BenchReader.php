<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\DBAL\Connection;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Air\AirView;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PieceMove;
use KindHeel\App\Job\PlansAtWork;
use KindHeel\App\Job\StepRecord;
use KindHeel\App\Job\StepsAtWork;
use KindHeel\App\Learning\Learning;
use KindHeel\App\Running\Heartbeat;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\App\Timetable\CurrentTimetable;
use KindHeel\App\Timetable\JobBuilder;
use KindHeel\App\Timetable\OpenJobs;
use KindHeel\App\Timetable\TimetableStore;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Schedule\Block;
use KindHeel\Core\Schedule\Fit;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\Readiness;
use KindHeel\Core\Schedule\Task;
use Psr\Clock\ClockInterface;

/** Reads the bench in ten queries, however many pieces are on it. */
final readonly class BenchReader
{
    public function __construct(
        private Connection $connection,
        private AirHistory $air,
        private ClockInterface $clock,
        private DayTape $tape,
        private CrewReader $crew,
        private PlansAtWork $plans,
        private TimetableStore $timetable,
        private OpenJobs $openJobs,
        private Learning $learning,
        private Heartbeat $heartbeat,
        private WorkshopSettings $settings,
        private CallReader $calls,
    ) {
    }

    /** @param (\Closure(): void)|null $mend as {@see open()} does */
    public function forPerson(int $person, ?\Closure $mend = null): BenchView
    {
        $now = $this->clock->now();
        [$from, $until] = $this->tape->day($now);
        [$pieces, $atWork, $jobs] = $this->open($now, $from, $mend);
        $ahead = $this->timetable->read();
        $crew = $this->crew->of($person, $now, $from);
        $calls = CallReader::order(array_values($jobs), $atWork, $person, $ahead, $now);
        $rack = [];
        foreach ($jobs as $id => $job) {
            $rack[] = $this->rackPiece($pieces[$id], $job, $atWork[$id], $now);
        }

        return new BenchView(
            now: $now->format(\DATE_RFC3339),
            air: $this->airs(),
            calls: $this->calls->views(
                $calls,
                $pieces,
                $jobs,
                $ahead->minutesFor($person),
                CallReader::goesTo($calls, $atWork, $ahead, $crew->names, $person, $now),
            ),
            rack: $rack,
            tapes: $this->tape->tapes($ahead, $atWork, $pieces, $crew, $now, $from, $until),
            threads: $this->tape->threads($atWork, $pieces, $now, $from, $until),
            dayFrom: Iso::of($from) ?? '',
            dayUntil: Iso::of($until) ?? '',
            late: self::late($ahead, $pieces, $now),
            unplanned: self::unplanned($pieces),
            brushChanges: $ahead->changes,
            lastAct: $crew->lastAct,
            replanningStillSince: $this->heartbeat->standsStillSince('plan-ahead'),
            notBackedUpSince: $crew->notBackedUpSince,
        );
    }

    /**
     * What calls for somebody who only wants to know what to do next: to whom a piece goes after that, and all else of the bench, is not asked for.
     *
     * @param \Closure(): void $mend as {@see open()} does
     *
     * @return list<CallView>
     */
    public function callsFor(int $person, \Closure $mend): array
    {
        $now = $this->clock->now();
        [$pieces, $atWork, $jobs] = $this->open($now, $now, $mend);
        $ahead = $this->timetable->read();

        return $this->calls->views(CallReader::order(array_values($jobs), $atWork, $person, $ahead, $now), $pieces, $jobs, $ahead->minutesFor($person), []);
    }

    /**
     * @param \DateTimeImmutable      $day  when it began: what was done since is shown
     * @param (\Closure(): void)|null $mend what is done when the window of a coat is found to have been missed
     *
     * @return array{array<int, Row>, array<int, StepsAtWork>, array<int, Job>} pieces that are not done, their steps and jobs where they are planned
     */
    private function open(\DateTimeImmutable $now, \DateTimeImmutable $day, ?\Closure $mend): array
    {
        $pieces = $this->pieces();
        $atWork = $this->plans->of(array_keys($pieces), $now, $day);
        $jobs = [];
        foreach ($pieces as $id => $piece) {
            if (isset($atWork[$id])) {
                $jobs[$id] = JobBuilder::stored($id, $piece->time('promised_at'), $atWork[$id]->steps);
            }
        }

        if (null !== $mend && [] !== array_filter($jobs, static fn (Job $j): bool => [] !== $j->missedWindows($now))) {
            $mend();

            return $this->open($now, $day, null);
        }

        return [$pieces, $atWork, $jobs];
    }

    /** @return list<AirView> the air of each place that has been read, the bench first */
    private function airs(): array
    {
        return array_values(array_filter(array_map(AirView::of(...), $this->air->everywhere())));
    }

    /** What fits into so many minutes of this person. */
    public function fit(int $minutes): FreeMinutesView
    {
        $names = [];
        foreach ($this->pieces() as $id => $piece) {
            $names[$id] = $piece->text('name');
        }

        return new FreeMinutesView(
            $minutes,
            array_map(
                static fn (Block $b): BlockView => new BlockView(
                    $b->task->id,
                    Iso::of($b->start) ?? '',
                    Iso::of($b->end) ?? '',
                    $b->task->title,
                    $b->task->piece,
                    $names[$b->task->piece],
                    false,
                ),
                Fit::into(
                    $minutes,
                    $this->openJobs->all($this->learning->factors()),
                    $this->timetable->read()->ranks(),
                    $this->clock->now(),
                    $this->settings->setUp()->switch,
                ),
            ),
        );
    }

    /**
     * @param array<int, Row> $pieces
     *
     * @return list<LateView>
     */
    private static function late(CurrentTimetable $ahead, array $pieces, \DateTimeImmutable $now): array
    {
        $late = [];
        foreach (array_intersect_key($ahead->ends, $pieces) as $id => $end) {
            $piece = $pieces[$id];
            if ($piece->flag('promised') && $end > $piece->time('promised_at')->getTimestamp()) {
                $late[] = new LateView(
                    $id,
                    $piece->int('ticket_id'),
                    $piece->text('name'),
                    $piece->text('customer'),
                    Iso::always($piece->text('promised_at')),
                    \PHP_INT_MAX === $end ? null : Iso::of($now->setTimestamp($end)),
                );
            }
        }

        return $late;
    }

    /**
     * @param array<int, Row> $pieces
     *
     * @return list<UnplannedView>
     */
    private static function unplanned(array $pieces): array
    {
        $unplanned = [];
        foreach ($pieces as $id => $piece) {
            if (null === $piece->intOrNull('planned_from')) {
                $unplanned[] = new UnplannedView(
                    $id,
                    $piece->text('name'),
                    $piece->text('customer'),
                    Iso::always($piece->text('promised_at')),
                    $piece->flag('promised'),
                );
            }
        }

        return $unplanned;
    }

    /** @return array<int, Row> pieces that are not done, those without a plan too, by id */
    private function pieces(): array
    {
        $pieces = [];
        foreach (Row::all(
            $this->connection,
            'SELECT p.id, p.name, p.kind, p.ticket_id, p.planned_from, t.customer, t.promised_at, t.promised,
                    '.PieceMove::PLACE.' AS place,
                    '.SettlingBells::COLUMN.'
             FROM piece p JOIN ticket t ON t.id = p.ticket_id
             WHERE p.finished_at IS NULL ORDER BY t.promised_at, p.id',
            [SettlingBells::since($this->clock->now())],
        ) as $row) {
            $pieces[$row->int('id')] = $row;
        }

        return $pieces;
    }

    private function rackPiece(Row $piece, Job $job, StepsAtWork $atWork, \DateTimeImmutable $now): RackPieceView
    {
        $coats = [];
        $bells = SettlingBells::of($piece);
        foreach ($atWork->steps as $step) {
            $full = $step->coat->at(Stage::Full);
            if ($step->dries() && (null === $full || $full > $now->getTimestamp())) {
                array_unshift($coats, self::coat($step, $job->tasks[$step->key]));
                $bells = [...$bells, ...self::bells($step, $job->tasks[$step->key])];
            }
        }
        [$next, $readiness] = self::nextOf($job, $now);

        return new RackPieceView(
            piece: $job->piece,
            name: $piece->text('name'),
            customer: $piece->text('customer'),
            kind: $piece->enum('kind', Kind::class),
            place: $piece->enum('place', DryingPlace::class),
            promisedAt: Iso::always($piece->text('promised_at')),
            promised: $piece->flag('promised'),
            stepsDone: $atWork->done,
            stepsAll: $atWork->all,
            colours: $atWork->colours,
            coats: $coats,
            atWork: array_values(
                array_map(
                    static fn (StepRecord $s): string => $s->work->startedByName ?? '',
                    array_filter($atWork->steps, static fn (StepRecord $s): bool => $s->isRunning()),
                ),
            ),
            opensAt: Iso::of($readiness?->opensAt),
            closesAt: Iso::of($readiness?->closesAt),
            next: $next?->title,
            standing: $readiness?->standing,
            bells: $bells,
            arranged: ArrangedView::of($atWork->steps, $piece->enum('kind', Kind::class)),
        );
    }

    /** @return array{Task|null, Readiness|null} the step of a piece that may begin first */
    private static function nextOf(Job $job, \DateTimeImmutable $now): array
    {
        $best = [null, null];
        foreach ($job->open as $task) {
            if ($task->running) {
                continue;
            }
            $readiness = $job->readiness($task, $now);
            if (null === $best[1] || self::sooner($readiness, $best[1])) {
                $best = [$task, $readiness];
            }
        }

        return $best;
    }

    private static function sooner(Readiness $a, Readiness $b): bool
    {
        $rank = static fn (Readiness $r): array => [match ($r->standing->value) {
            'open' => 0,
            'to-test' => 1,
            'late' => 2,
            'waiting' => 3,
            'stalled' => 4,
            default => 5,
        }, $r->opensAt?->getTimestamp() ?? 0];

        return $rank($a) < $rank($b);
    }

    /** @return list<BellView> what wants a look before it is ready; nothing once its test was passed: the wait is over */
    private static function bells(StepRecord $step, Task $task): array
    {
        $bell = null === $step->family ? null : Family::of($step->family)->bell;
        if (null === $bell || null === $task->doneAt || $task->gatePassed && Stage::Next === $bell->until) {
            return [];
        }

        return array_map(
            static fn (\DateTimeImmutable $at): BellView => new BellView(Iso::of($at) ?? '', $bell->words),
            $bell->rings($task->doneAt, $task->reaches($bell->until)),
        );
    }

    private static function coat(StepRecord $step, Task $task): CoatView
    {
        return new CoatView(
            step: $step->id,
            version: $step->version,
            title: $step->title,
            half: $step->half(),
            parts: $step->parts(),
            laidAt: Iso::of($task->doneAt) ?? '',
            touchAt: Iso::of($task->reaches(Stage::Touch)),
            recoatFromAt: Iso::of($task->reaches(Stage::RecoatFrom)),
            recoatUntilAt: Iso::of($task->reaches(Stage::RecoatUntil)),
            nextAt: Iso::of($task->reaches(Stage::Next)),
            fullAt: Iso::of($task->reaches(Stage::Full)),
            gate: $step->coat->gate,
            gateAt: $task->awaitsGate() && null !== $task->gateFrom ? Iso::of($task->reaches($task->gateFrom)) : null,
            gatePassed: $task->gatePassed,
            warnings: $step->coat->airWarnings,
        );
    }
}
