<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Bench\BenchReader;
use KindHeel\App\Bench\CompareAnswer;
use KindHeel\App\Bench\CompareHalves;
use KindHeel\App\Bench\CompareInput;
use KindHeel\App\Bench\GateInput;
use KindHeel\App\Bench\JudgeStep;
use KindHeel\App\Bench\KeyCoat;
use KindHeel\App\Bench\LookAgain;
use KindHeel\App\Bench\LookInput;
use KindHeel\App\Bench\StepInput;
use KindHeel\App\Bench\WorkStep;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\Steps;
use KindHeel\App\People\Person;
use KindHeel\App\Plan\StepView;
use KindHeel\App\Settings\WorkingHours;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Schedule\Urgency;
use KindHeel\Core\Treatment\Action;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;

/** People at the bench of the demo: each does what the bench calls for, at a pace of their own. */
final readonly class DemoHands
{
    private const TRIES = 10;
    private const LATE = 'Nobody was there in time; done with more care.';

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private Steps $steps,
        private WorkStep $work,
        private JudgeStep $judge,
        private LookAgain $looks,
        private CompareHalves $halves,
        private KeyCoat $key,
        private BenchReader $bench,
        private WorkshopSettings $settings,
        private WorkingHours $hours,
    ) {
    }

    /**
     * They work from one moment to another, in their hours; whoever is at something at the end stays at it.
     *
     * @param list<string>                       $logins
     * @param \Closure(\DateTimeImmutable): void $meanwhile what else happens up to a moment
     */
    public function stretch(
        array $logins,
        MockClock $clock,
        \DateTimeImmutable $from,
        \DateTimeImmutable $until,
        \DateTimeImmutable $now,
        \Closure $meanwhile,
    ): void {
        $workers = array_map(fn (string $login): DemoWorker => $this->worker($login, $from->setTimezone(new \DateTimeZone('UTC'))), $logins);
        $shifts = [];
        foreach ($this->hours->from($from) as $hand) {
            $shifts[(int) $hand->id] = $hand->shifts;
        }
        while ([] !== $workers) {
            foreach ($workers as $worker) {
                if (null === $worker->step) {
                    $worker->clock = self::inHours($worker->clock, $shifts[$worker->person] ?? [], $from, $until);
                }
            }
            usort($workers, static fn (DemoWorker $a, DemoWorker $b): int => $a->clock <=> $b->clock);
            $worker = $workers[0];
            if ($worker->clock >= $until && (null === $worker->step || $worker->clock >= $now)) {
                break;
            }
            $meanwhile($worker->clock);
            $clock->modify(max($worker->clock, $clock->now())->format('Y-m-d\TH:i:s\Z'));
            if (null === $worker->step) {
                $this->next($worker);

                continue;
            }
            $this->end($worker->step, $worker);
            $worker->step = null;
        }
    }

    /**
     * When somebody who could go on at a moment is there for it.
     *
     * @param list<array{int, int}> $shifts in minutes from `$from`
     */
    private static function inHours(\DateTimeImmutable $at, array $shifts, \DateTimeImmutable $from, \DateTimeImmutable $until): \DateTimeImmutable
    {
        foreach ($shifts as [$comes, $goes]) {
            if ($at < $from->modify("+$goes minutes")) {
                return max($at, $from->modify(\sprintf('%+d minutes', $comes)));
            }
        }

        return max($at, $until);
    }

    /** Somebody whose hands are free does what calls until there is a step in them; what is to be tested passes. */
    public function takeUp(string $login, MockClock $clock): bool
    {
        $worker = $this->worker($login, $clock->now());
        for ($tries = 0; null === $worker->step && $tries < self::TRIES; ++$tries) {
            $this->next($worker, sure: true);
        }

        return null !== $worker->step;
    }

    private function end(int $step, DemoWorker $worker): void
    {
        $version = $this->version($step);
        if (true === $this->steps->find($step)?->isLook()) {
            $this->act(fn () => $this->looks->answer($step, new LookInput($version, enough: true), $this->person($worker)));
        } elseif (Action::Compare === $this->steps->find($step)?->action) {
            $this->act(fn () => $this->halves->answer($step, new CompareInput($version, CompareAnswer::Same), $this->person($worker)));
        } else {
            $this->act(fn () => $this->work->done($step, new StepInput($version, $this->instead($step)), $this->person($worker)));
        }
    }

    /** The theatre keeps pictures of its own, and where no meter is at hand colour is matched by eye. */
    private function instead(int $step): ?string
    {
        return match ($this->steps->find($step)?->action) {
            Action::Photograph => 'The theatre took its own, with the grey card; they are in its files.',
            Action::ReadColour => 'Matched by eye, beside the sound place, by the window.',
            default => null,
        };
    }

    /** @param \Closure(): mixed $act */
    public function act(\Closure $act): bool
    {
        try {
            $this->connection->transactional(function () use ($act): void {
                $act();
                $this->entities->flush();
            });

            return true;
        } catch (Refused|AccessDeniedException) {
            // What somebody may not do is left to who may.
            return false;
        } finally {
            $this->entities->clear();
        }
    }

    private function worker(string $login, \DateTimeImmutable $from): DemoWorker
    {
        $id = Row::first($this->connection, 'SELECT id FROM person WHERE login = ?', [$login])?->int('id') ?? throw new \LogicException('Nobody of that name.');
        $worker = new DemoWorker($id, $from);
        $running = $this->steps->under($id);
        if (null !== $running) {
            $worker->step = $running->id;
            $worker->piece = $running->piece;
            $worker->clock = max($from, ($running->work->startedAt ?? $from)->modify(\sprintf('+%d seconds', self::seconds($running->id, $running->minutes))));
        }

        return $worker;
    }

    private function next(DemoWorker $worker, bool $sure = false): void
    {
        foreach ($this->bench->callsFor($worker->person, fn () => $this->key->missed($this->person($worker))) as $call) {
            if (Urgency::Test === $call->urgency) {
                $passed = $sure || 0 !== crc32($call->step->key.$call->step->piece) % 9 || 0 < $this->steps->find($call->step->id)?->coat->added;
                $this->act(
                    fn () => $this->judge->gate($call->step->id, new GateInput($call->step->version, $passed ? 'passed' : 'not-yet'), $this->person($worker)),
                );
                $worker->clock = $worker->clock->modify('+1 minute');

                return;
            }
            if (Urgency::Missed === $call->urgency && null !== $call->again) {
                $again = $call->again;
                if ($this->act(fn () => $this->judge->again($again->id, new StepInput($again->version), $this->person($worker)))) {
                    return;
                }
            }
            // What is late and follows nothing that could be done again is done all the same: tape comes off, if with more care.
            $late = Urgency::Missed === $call->urgency && null === $call->again;
            if (!$late && !\in_array($call->urgency, [Urgency::Open, Urgency::Closing], true) || isset($worker->refused[$call->step->id])) {
                continue;
            }
            if (null !== $worker->piece && $worker->piece !== $call->step->piece) {
                $worker->clock = $worker->clock->modify(\sprintf('+%d seconds', $this->goingOn($call->step, $worker->person)));
                $worker->piece = $call->step->piece;

                return;
            }
            if ($this->act(fn () => $this->work->start(
                $call->step->id,
                new StepInput($call->step->version, $late ? self::LATE : null),
                $this->person($worker),
            ))) {
                $worker->piece = $call->step->piece;
                $worker->step = $call->step->id;
                $worker->refused = [];
                $worker->clock = $worker->clock->modify(\sprintf('+%d seconds', self::seconds($call->step->id, $call->step->minutes)));

                return;
            }
            $worker->refused[$call->step->id] = true;
        }
        $worker->refused = [];
        $worker->clock = $worker->clock->modify('+20 minutes');
    }

    /** One piece is set down and the next taken up; where somebody else had it last, there is something to be said. */
    private function goingOn(StepView $step, int $person): int
    {
        $usual = $this->settings->setUp();
        $hadBy = Row::first(
            $this->connection,
            'SELECT started_by_id FROM plan_step WHERE piece_id = ? AND started_by_id IS NOT NULL ORDER BY started_at DESC, id DESC LIMIT 1',
            [$step->piece],
        )?->int('started_by_id');

        return self::seconds($step->id, $usual->switch + (null === $hadBy || $hadBy === $person ? 0.0 : $usual->handover));
    }

    /** Nobody takes exactly what the book says. */
    private static function seconds(int $step, float $minutes): int
    {
        return (int) round(60 * (0.8 + (crc32('pace'.$step) % 60) / 100.0) * $minutes);
    }

    private function person(DemoWorker $worker): Person
    {
        return $this->entities->find(Person::class, $worker->person) ?? throw new \LogicException('Nobody there.');
    }

    private function version(int $step): int
    {
        return $this->steps->find($step)->version ?? 0;
    }
}
