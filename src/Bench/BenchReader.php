<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Ahead\Foresee;
use KindHeel\App\Ahead\Foreseen;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Air\AirView;
use KindHeel\App\Counter\TicketReader;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\App\Plan\Jobs;
use KindHeel\App\Plan\StepReader;
use KindHeel\App\Plan\StepView;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Schedule\Block;
use KindHeel\Core\Schedule\Call;
use KindHeel\Core\Schedule\Fit;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\NextUp;
use KindHeel\Core\Schedule\Readiness;
use KindHeel\Core\Schedule\Task;
use KindHeel\Core\Schedule\Urgency;
use Psr\Clock\ClockInterface;

/** Reads the bench in eight queries, however many pieces are on it. */
final readonly class BenchReader
{
    /** The hand shows one step and the two that follow. */
    private const CALLS = 3;

    public function __construct(private Connection $connection, private AirHistory $air, private ClockInterface $clock, private DayTape $tape, private Foresee $foresee)
    {
    }

    /** @param (\Closure(): void)|null $mend what is done when the window of a coat is found to have been missed */
    public function forPerson(int $person, ?\Closure $mend = null): BenchView
    {
        $now = $this->clock->now();
        $pieces = $this->pieces();
        $rows = $this->steps(array_keys($pieces));
        $jobs = [];
        foreach ($pieces as $id => $piece) {
            if (isset($rows[$id])) {
                $jobs[$id] = Jobs::of($id, $piece->time('promised_at'), $rows[$id]);
            }
        }
        if (null !== $mend && [] !== array_filter($jobs, static fn (Job $j): bool => [] !== $j->missedWindows($now))) {
            $mend();

            return $this->forPerson($person);
        }
        $colours = TicketReader::colours($this->connection, array_keys($jobs));
        $ahead = $this->foresee->read();
        $people = $this->people($person);
        $steps = [];
        foreach ($rows as $ofPiece) {
            foreach ($ofPiece as $row) {
                $steps[$row->int('id')] = $row;
            }
        }
        $calls = $this->calls(array_values($jobs), $rows, $person, $ahead, $now);
        $rack = [];
        foreach ($jobs as $id => $job) {
            $rack[] = $this->rackPiece($pieces[$id], $job, $rows[$id], $colours[$id] ?? [], $now);
        }
        [$from, $until] = $this->tape->day($now);

        return new BenchView(
            $now->format(\DATE_RFC3339),
            $this->airs(),
            $this->callViews($calls, $pieces, $jobs, $ahead->minutesFor($person)),
            $rack,
            $this->tape->tapes($ahead, $steps, $pieces, $people, $now, $from, $until),
            $this->tape->threads($steps, $pieces, $now, $from, $until),
            Iso::of($from) ?? '',
            Iso::of($until) ?? '',
            self::late($ahead, $pieces, $now),
            $ahead->changes,
        );
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

        return new FreeMinutesView($minutes, array_map(
            static fn (Block $b): BlockView => new BlockView($b->task->id, Iso::of($b->start) ?? '', Iso::of($b->end) ?? '', $b->task->title, $names[$b->task->piece], false),
            Fit::into($minutes, $this->foresee->jobs(), $this->foresee->read()->ranks(), $this->clock->now()),
        ));
    }

    /** @return array<int, string> names by id, this person first */
    private function people(int $person): array
    {
        $people = [];
        foreach (Row::all($this->connection, 'SELECT id, name FROM person ORDER BY id = ? DESC, id', [$person]) as $row) {
            $people[$row->int('id')] = $row->text('name');
        }

        return $people;
    }

    /**
     * @param array<int, Row> $pieces
     *
     * @return list<LateView>
     */
    private static function late(Foreseen $ahead, array $pieces, \DateTimeImmutable $now): array
    {
        $late = [];
        foreach (array_intersect_key($ahead->ends, $pieces) as $id => $end) {
            $piece = $pieces[$id];
            if ($end > $piece->time('promised_at')->getTimestamp()) {
                $late[] = new LateView($id, $piece->int('ticket_id'), $piece->text('name'), $piece->text('customer'), Iso::always($piece->text('promised_at')), \PHP_INT_MAX === $end ? null : Iso::of($now->setTimestamp($end)));
            }
        }

        return $late;
    }

    /** @return array<int, Row> pieces with a plan that are not handed over, by id */
    private function pieces(): array
    {
        $pieces = [];
        foreach (Row::all(
            $this->connection,
            'SELECT p.id, p.name, p.kind, p.ticket_id, t.customer, t.promised_at,
                    COALESCE((SELECT m.place FROM piece_move m WHERE m.piece_id = p.id ORDER BY m.at DESC, m.id DESC LIMIT 1), \'rack\') AS place FROM piece p JOIN ticket t ON t.id = p.ticket_id
             WHERE p.finished_at IS NULL AND p.planned_from IS NOT NULL ORDER BY t.promised_at, p.id',
        ) as $row) {
            $pieces[$row->int('id')] = $row;
        }

        return $pieces;
    }

    /**
     * @param list<int> $pieces
     *
     * @return array<int, list<Row>> by piece
     */
    private function steps(array $pieces): array
    {
        $rows = [];
        foreach ([] === $pieces ? [] : Row::all(
            $this->connection,
            'SELECT '.Jobs::COLUMNS.', s.version, s.gate, w.name AS person,
                    CASE WHEN s.status = \'done\' AND s.drying_family IS NOT NULL THEN s.places END AS places,
                    CASE WHEN s.status = \'done\' AND s.drying_family IS NOT NULL THEN s.air_warnings END AS air_warnings
             FROM plan_step s LEFT JOIN person w ON w.id = s.started_by_id WHERE s.piece_id IN (?) ORDER BY s.piece_id, s.position',
            [$pieces],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $rows[$row->int('piece_id')][] = $row;
        }

        return $rows;
    }

    /**
     * What calls for this person: their own running step, not those of others.
     *
     * @param list<Job>             $jobs
     * @param array<int, list<Row>> $rows
     *
     * @return list<Call>
     */
    private function calls(array $jobs, array $rows, int $person, Foreseen $ahead, \DateTimeImmutable $now): array
    {
        $others = [];
        foreach ($rows as $steps) {
            foreach ($steps as $row) {
                if ('running' === $row->text('status') && $row->int('started_by_id') !== $person) {
                    $others[$row->int('id')] = true;
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
     * @param list<Call>      $calls
     * @param array<int, Row> $pieces
     * @param array<int, Job> $jobs
     * @param array<int, int> $minutes by step
     *
     * @return list<CallView>
     */
    private function callViews(array $calls, array $pieces, array $jobs, array $minutes): array
    {
        $ids = array_map(static fn (Call $c): int => $c->task->id, $calls);
        foreach ($calls as $call) {
            foreach (Urgency::Missed === $call->urgency ? $call->task->after : [] as $bond) {
                $ids[] = $jobs[$call->task->piece]->tasks[$bond->step]->id;
            }
        }
        $views = $this->stepViews(array_values(array_unique($ids)));
        $found = [];
        foreach ($calls as $call) {
            $found[] = new CallView(
                $views[$call->task->id],
                $pieces[$call->task->piece]->text('name'),
                $call->urgency->word(),
                Iso::of($call->closesAt),
                $call->task->running || !isset($minutes[$call->task->id]) ? max(1, (int) round($call->task->minutes)) : $minutes[$call->task->id],
                Urgency::Missed === $call->urgency ? $this->again($call, $jobs[$call->task->piece], $views) : null,
            );
        }

        return $found;
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, StepView> by id
     */
    private function stepViews(array $ids): array
    {
        $views = [];
        foreach ([] === $ids ? [] : Row::all(
            $this->connection,
            'SELECT s.*, w.name AS person FROM plan_step s LEFT JOIN person w ON w.id = s.started_by_id WHERE s.id IN (?)',
            [$ids],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $views[$row->int('id')] = StepReader::view($row);
        }

        return $views;
    }

    /** @param array<int, StepView> $views */
    private function again(Call $missed, Job $job, array $views): ?AgainView
    {
        foreach ($missed->task->after as $bond) {
            if (null !== $bond->withinMinutes) {
                $view = $views[$job->tasks[$bond->step]->id];

                return new AgainView($view->id, $view->version, $view->title);
            }
        }

        return null;
    }

    /**
     * @param list<Row>                                  $rows
     * @param list<\KindHeel\App\Counter\PartColourView> $colours
     */
    private function rackPiece(Row $piece, Job $job, array $rows, array $colours, \DateTimeImmutable $now): RackPieceView
    {
        $coats = [];
        $atWork = [];
        foreach ($rows as $row) {
            if ('running' === $row->text('status')) {
                $atWork[] = $row->text('person');
            }
            $task = $job->tasks[$row->text('step_key')];
            $full = $task->reaches(Stage::Full);
            if (null !== $task->doneAt && null !== $task->coat && (null === $full || $full > $now)) {
                array_unshift($coats, self::coat($row, $task));
            }
        }
        [$next, $readiness] = self::nextOf($job, $now);

        return new RackPieceView(
            $job->piece,
            $piece->text('name'),
            $piece->text('customer'),
            $piece->text('kind'),
            $piece->text('place'),
            Iso::always($piece->text('promised_at')),
            \count(array_filter($rows, static fn (Row $r): bool => 'done' === $r->text('status'))),
            \count($rows),
            $colours,
            $coats,
            $atWork,
            Iso::of($readiness?->opensAt),
            Iso::of($readiness?->closesAt),
            $next?->title,
            $readiness?->standing->value ?? 'done',
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

    private static function coat(Row $row, Task $task): CoatView
    {
        $places = $row->objects('places');
        $halves = StepReader::names($places, 'half');

        return new CoatView(
            $task->id,
            $row->int('version'),
            $task->title,
            1 === \count($halves) ? $halves[0] : 'both',
            StepReader::names($places, 'part'),
            Iso::of($task->doneAt) ?? '',
            Iso::of($task->reaches(Stage::Touch)),
            Iso::of($task->reaches(Stage::RecoatFrom)),
            Iso::of($task->reaches(Stage::RecoatUntil)),
            Iso::of($task->reaches(Stage::Next)),
            Iso::of($task->reaches(Stage::Full)),
            $row->textOrNull('gate'),
            $task->awaitsGate() && null !== $task->gateFrom ? Iso::of($task->reaches($task->gateFrom)) : null,
            $task->gatePassed,
            $row->words('air_warnings'),
        );
    }
}
