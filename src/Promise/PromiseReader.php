<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Clock\Deadline;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Learning\Factors;
use KindHeel\App\Learning\Learning;
use KindHeel\App\Offer\SaidAloud;
use KindHeel\App\Offer\Ways;
use KindHeel\App\Plan\PlanTerms;
use KindHeel\App\Settings\WorkingHours;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\App\Shelf\PlansNeed;
use KindHeel\App\Timetable\JobBuilder;
use KindHeel\App\Timetable\OpenJobs;
use KindHeel\App\Timetable\TimetableStore;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\MissingHours;
use KindHeel\Core\Schedule\ProblemBuilder;
use KindHeel\Core\Schedule\PromiseSimulation;
use KindHeel\Core\Schedule\Solve\Blocks;
use KindHeel\Core\Schedule\Solve\Candidate;
use KindHeel\Core\Schedule\Solve\PriorityRules;
use KindHeel\Core\Schedule\Solve\ScheduleGenerator;
use KindHeel\Core\Schedule\Solve\Worker;
use KindHeel\Core\Schedule\Task;
use KindHeel\Core\Treatment\Planning\Planner;
use Psr\Clock\ClockInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Plays the bench through many times to see what may be promised, and what a rush would cost others. */
final readonly class PromiseReader
{
    private const PLAYS = 80;
    /** Nine of ten cannot be told from fewer. */
    private const LEAST_PLAYS = 20;
    /** Every other time can be told from so many. */
    private const FEW_PLAYS = 5;
    /** Each planned piece takes so long before the first play, about. */
    private const LAYING_OUT_MS = 2.5;
    /** Of the time there is, for the bench in its usual order; the rest for how it would be with a rush. */
    private const USUAL_SHARE = 0.55;
    /** A delay below this is no news to anybody. */
    private const NEWS_MINUTES = 30;
    private const QUARTER = 900;

    public function __construct(
        private Connection $connection,
        private EntityManagerInterface $entities,
        private TimetableStore $timetable,
        private OpenJobs $jobs,
        private WorkingHours $hands,
        private WorkshopSettings $settings,
        private Learning $learning,
        private AirHistory $air,
        private PlanTerms $terms,
        private PlansNeed $plansNeed,
        private Ways $ways,
        private SaidAloud $offers,
        private ClockInterface $clock,
        /** how long it may take at most: whoever asks waits, and a worker with them */
        private int $promiseMs,
    ) {
    }

    /** @param int|null $withinMs how soon there is to be an answer: sooner, it is less sure */
    public function of(int $id, ?int $withinMs = null): PromiseView
    {
        $ms = min($withinMs ?? $this->promiseMs, $this->promiseMs);
        [$usualUntil, $until] = [Deadline::in(self::USUAL_SHARE * $ms), Deadline::in($ms)];
        $ticket = Row::first($this->connection, 'SELECT id, customer, promised_at, promised, rush FROM ticket WHERE id = ?', [$id])
            ?? throw new NotFoundHttpException();
        $now = $this->clock->now();
        $factors = $this->learning->factors();
        [$mine, $preview, $unseen] = $this->pieces($id, $ticket->time('promised_at'), $factors);
        // There is not even time to lay out a bench that is so full: only what is to be done for this ticket is said.
        $later = $ms < $this->promiseMs && self::LAYING_OUT_MS * $this->jobs->count() > $ms;
        $jobs = [...$this->jobs->all($factors, $later ? $mine : null), ...$preview];
        $mine = array_flip($mine);
        $open = array_merge(...array_map(static fn (Job $j): array => isset($mine[$j->piece]) ? $j->open : [], $jobs));
        $hands = $this->hands->from($now);
        if ([] !== $unseen || [] === $open) {
            return $this->view($ticket, null, null, null, null, [], $unseen, $open, $hands);
        }
        if ($later) {
            return $this->view($ticket, null, null, null, null, [], [], $open, $hands, sharpens: true);
        }
        $builder = $this->problem($jobs, $hands, $now);
        $blocks = Blocks::of($builder->problem);
        [$starts, $asked] = $this->timetable->read()->before($builder);
        $order = (new PriorityRules($builder->problem, $blocks))->asBefore($starts);
        $index = $ours = [];
        foreach ($builder->problem->jobs as $j => $job) {
            $index[(int) $job->id] = $j;
            if (isset($mine[(int) $job->id])) {
                $ours[$j] = true;
            }
        }
        $first = [
            ...array_filter($order, static fn (int $b): bool => isset($ours[$blocks->jobs[$b]])),
            ...array_filter($order, static fn (int $b): bool => !isset($ours[$blocks->jobs[$b]])),
        ];
        $simulation = $this->promise($builder, $id, $factors, $blocks);
        $usual = $simulation->plays($order, $asked, self::PLAYS, $usualUntil);
        $rush = [];
        if (\count($usual) >= self::LEAST_PLAYS) {
            $rush = $this->promise($builder, $id, $factors, $blocks)->plays($first, [], self::PLAYS, $until);
        } else {
            // Then there is no time for how a rush would be, and none for whoever is served after them.
            $usual = [...$usual, ...$simulation->plays($simulation->front($order, $ours), $asked, self::LEAST_PLAYS - \count($usual), $until)];
        }
        $sharpens = $ms < $this->promiseMs && \count($usual) + \count($rush) < 2 * self::PLAYS;
        $played = intdiv(\count($usual) + \count($rush), 2);
        $ends = self::done($usual, $ours);
        $even = \count($usual) < self::FEW_PLAYS ? null : PromiseSimulation::certain($ends, 0.5);
        if (\count($usual) < self::LEAST_PLAYS) {
            return $this->view($ticket, null, null, $even, null, [], [], $open, $hands, tooMuch: !$sharpens, played: $played, sharpens: $sharpens);
        }
        $rush = \count($rush) < self::LEAST_PLAYS ? [] : $rush;
        $rushed = self::done($rush, $ours);
        $certain = PromiseSimulation::certain($ends);

        return $this->view(
            $ticket,
            (int) round(100 * PromiseSimulation::held($ends, intdiv($ticket->time('promised_at')->getTimestamp() - $now->getTimestamp(), 60))),
            $certain,
            $even,
            [] === $rushed ? null : PromiseSimulation::certain($rushed),
            $this->pushed(array_diff_key(array_flip($index), $ours), $usual, $rush, $now),
            [],
            $open,
            $hands,
            days: $this->days($ends, $rushed, $hands, $now),
            played: $played,
            sharpens: $sharpens,
            missing: \PHP_INT_MAX === $certain ? $this->missing($builder, $blocks, new Candidate($order, $asked), $ours, $hands) : null,
        );
    }

    /**
     * @param array<int, true> $ours  jobs of the problem
     * @param list<Worker>     $hands
     */
    private function missing(ProblemBuilder $builder, Blocks $blocks, Candidate $candidate, array $ours, array $hands): MissingHoursView
    {
        $missing = MissingHours::of($builder->problem, (new ScheduleGenerator($builder->problem, $blocks))->place($candidate), $ours);
        $known = max([\PHP_INT_MIN, ...array_map(static fn (Worker $h): int => max([\PHP_INT_MIN, ...array_column($h->shifts, 1)]), $hands)]);

        return new MissingHoursView(
            \PHP_INT_MIN === $known ? null : Iso::of($builder->now->modify(\sprintf('%+d minutes', $known))),
            $missing->steps,
            $missing->minutes,
            $missing->why,
        );
    }

    /** The earliest moment that holds in nine weeks of ten, were a piece treated as far as that; null where nothing can be said. */
    public function ofWay(StoredPiece $piece, Aim $aim): WayDateView
    {
        $now = $this->clock->now();
        $steps = $this->ways->plan($piece, $aim)->steps;
        $factors = $this->learning->factors();
        $jobs = array_values(array_filter($this->jobs->all($factors), static fn (Job $j): bool => $j->piece !== $piece->id()));
        $hands = $this->hands->from($now);
        if ([] === $steps) {
            return new WayDateView($aim, null);
        }
        $jobs[] = JobBuilder::planned($piece->id(), $piece->ticket()->promisedAt(), $steps, $factors, $piece->sizeEu());
        $builder = $this->problem($jobs, $hands, $now);
        $blocks = Blocks::of($builder->problem);
        [$starts, $asked] = $this->timetable->read()->before($builder);
        $order = (new PriorityRules($builder->problem, $blocks))->asBefore($starts);
        $plays = $this->promise($builder, $piece->id(), $factors, $blocks)->plays($order, $asked, self::PLAYS, Deadline::in($this->promiseMs));
        $ours = [];
        foreach ($builder->problem->jobs as $j => $job) {
            if ((int) $job->id === $piece->id()) {
                $ours[$j] = true;
            }
        }
        $certain = \count($plays) < self::LEAST_PLAYS ? null : PromiseSimulation::certain(self::done($plays, $ours));

        return new WayDateView($aim, $this->pickup($certain, $hands, $now));
    }

    /**
     * @param list<int>    $ends   when it is done in each play, in minutes from now
     * @param list<int>    $rushed the same, were it taken first
     * @param list<Worker> $hands
     *
     * @return list<DayHoldsView> never a closed day
     */
    private function days(array $ends, array $rushed, array $hands, \DateTimeImmutable $now): array
    {
        $hour = static fn (int $at): HourHoldsView => new HourHoldsView(
            Iso::of($now->modify(\sprintf('+%d minutes', $at))) ?? '',
            (int) round(100 * PromiseSimulation::held($ends, $at)),
            [] === $rushed ? null : (int) round(100 * PromiseSimulation::held($rushed, $at)),
        );

        return array_map(
            static fn (array $hours): DayHoldsView => new DayHoldsView(array_map($hour, $hours)),
            $this->hands->halfHours($hands, $now),
        );
    }

    /**
     * @param list<PushedView>   $pushed
     * @param list<string>       $unseen
     * @param list<Task>         $open
     * @param list<Worker>       $hands
     * @param list<DayHoldsView> $days
     */
    private function view(
        Row $ticket,
        ?int $holds,
        ?int $certain,
        ?int $even,
        ?int $rushed,
        array $pushed,
        array $unseen,
        array $open,
        array $hands,
        bool $tooMuch = false,
        array $days = [],
        int $played = 0,
        bool $sharpens = false,
        ?MissingHoursView $missing = null,
    ): PromiseView {
        $now = $this->clock->now();

        return new PromiseView(
            ticket: $ticket->int('id'),
            customer: $ticket->text('customer'),
            promisedAt: Iso::always($ticket->text('promised_at')),
            promised: $ticket->flag('promised'),
            rush: $ticket->int('rush') > 0,
            holds: $holds,
            certain: $this->pickup($certain, $hands, $now),
            even: $this->pickup($even, $hands, $now),
            rushed: $this->pickup($rushed, $hands, $now),
            pushed: $pushed,
            unseen: $unseen,
            tooMuch: $tooMuch,
            played: $played,
            outOf: self::PLAYS,
            sharpens: $sharpens,
            missing: $missing,
            stepsLeft: \count($open),
            minutesLeft: (int) round(array_sum(array_map(static fn (Task $t): float => $t->minutes, $open))),
            days: $days,
            short: $this->plansNeed->short(...array_unique(array_map(static fn (Task $t): int => $t->piece, $open))),
            aloud: $this->offers->toBeSaidOf($ticket->int('id')),
        );
    }

    /**
     * @param list<array<int, int>> $plays
     * @param array<int, true>      $ours
     *
     * @return list<int> when the last of our pieces is done in each play
     */
    private static function done(array $plays, array $ours): array
    {
        return array_map(static fn (array $ends): int => max([0, ...array_values(array_intersect_key($ends, $ours))]), $plays);
    }

    /**
     * @return array{list<int>, list<Job>, list<string>} the pieces of the ticket that are here, jobs of those not planned yet, names of those not looked over
     */
    private function pieces(int $ticket, \DateTimeImmutable $due, Factors $factors): array
    {
        $mine = $preview = $unseen = [];
        foreach (
            Row::all($this->connection, 'SELECT id, name, assessed, planned_from FROM piece WHERE ticket_id = ? AND finished_at IS NULL ORDER BY '
                .'id', [$ticket]) as $row
        ) {
            $mine[] = $row->int('id');
            if (null !== $row->intOrNull('planned_from')) {
                continue;
            }
            if (0 === $row->int('assessed')) {
                $unseen[] = $row->text('name');

                continue;
            }
            $piece = $this->entities->find(StoredPiece::class, $row->int('id')) ?? throw new \LogicException('It was just read.');
            $preview[] = JobBuilder::planned(
                $piece->id(),
                $due,
                Planner::plan($piece->toCore(), $this->air->now(), $this->terms->of($piece))->steps,
                $factors,
                $piece->sizeEu(),
            );
        }

        return [$mine, $preview, $unseen];
    }

    /**
     * @param list<Job>    $jobs
     * @param list<Worker> $hands
     */
    private function problem(array $jobs, array $hands, \DateTimeImmutable $now): ProblemBuilder
    {
        $settings = $this->settings;

        return ProblemBuilder::of($jobs, $hands, $settings->places(), $now, $this->jobs->weights(), $settings->setUp(), gear: $settings->gear());
    }

    private function promise(ProblemBuilder $builder, int $seed, Factors $factors, Blocks $blocks): PromiseSimulation
    {
        $random = new Randomizer(new Mt19937($seed));
        $spread = array_map(static fn (Task $t): float => $factors->minutes($t->what)->spread, $builder->tasks);

        return new PromiseSimulation($builder->problem, $spread, static fn (): float => $random->nextInt() / 0x80000000, $blocks);
    }

    /**
     * @param array<int, int>       $others piece by job
     * @param list<array<int, int>> $usual
     * @param list<array<int, int>> $rush
     *
     * @return list<PushedView>
     */
    private function pushed(array $others, array $usual, array $rush, \DateTimeImmutable $now): array
    {
        $names = [];
        foreach (
            Row::all(
                $this->connection,
                'SELECT p.id, p.name, t.customer, t.promised_at FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.finished_at IS NULL',
            ) as $row
        ) {
            $names[$row->int('id')] = $row;
        }
        $pushed = [];
        foreach ($others as $job => $piece) {
            [$before, $after] = [array_column($usual, $job), array_column($rush, $job)];
            if ([] === $before || [] === $after || !isset($names[$piece])) {
                continue;
            }
            [$was, $becomes] = [PromiseSimulation::certain($before), PromiseSimulation::certain($after)];
            $promised = intdiv($names[$piece]->time('promised_at')->getTimestamp() - $now->getTimestamp(), 60);
            $breaks = $was <= $promised && $becomes > $promised;
            if ($breaks || $becomes - $was >= self::NEWS_MINUTES && $was < \PHP_INT_MAX) {
                $at = static fn (int $minute): ?string => \PHP_INT_MAX === $minute ? null : Iso::of($now->setTimestamp($now->getTimestamp() + 60 * $minute));
                $pushed[] = new PushedView(
                    $piece,
                    $names[$piece]->text('name'),
                    $names[$piece]->text('customer'),
                    Iso::always($names[$piece]->text('promised_at')),
                    $at($was),
                    $at($becomes),
                    $breaks,
                );
            }
        }
        usort($pushed, static fn (PushedView $a, PushedView $b): int => [$b->breaks, $a->promisedAt, $a->piece] <=> [$a->breaks, $b->promisedAt, $b->piece]);

        return $pushed;
    }

    /**
     * When it may be fetched: a full quarter of an hour at which somebody is here.
     *
     * @param list<Worker> $hands
     */
    private function pickup(?int $minute, array $hands, \DateTimeImmutable $now): ?string
    {
        if (null === $minute || \PHP_INT_MAX === $minute) {
            return null;
        }
        $at = (int) (ceil(($now->getTimestamp() + 60 * $minute) / self::QUARTER) * self::QUARTER);
        $opens = \PHP_INT_MAX;
        foreach ($hands as $hand) {
            foreach ($hand->shifts as [$from, $until]) {
                if ($now->getTimestamp() + 60 * $until >= $at) {
                    $opens = min($opens, max($at, $now->getTimestamp() + 60 * $from));

                    break;
                }
            }
        }

        return Iso::of($now->setTimestamp(\PHP_INT_MAX === $opens ? $at : $opens));
    }
}
