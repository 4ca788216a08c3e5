<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Learning\Factors;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Plan\RedrawPlan;
use KindHeel\App\Timetable\OpenJobs;
use KindHeel\App\Timetable\TimetableStore;
use KindHeel\Core\Treatment\Checking\RuleBook;
use KindHeel\Core\Treatment\Planning\Rework;
use Psr\Clock\ClockInterface;
use Psr\EventDispatcher\EventDispatcherInterface;

/** Puts the key and the wipe before a coat whose window has been missed, or that is laid once more because it was spoiled (W-7). */
final readonly class KeyCoat
{
    public function __construct(
        private EntityManagerInterface $entities,
        private TimetableStore $timetable,
        private OpenJobs $jobs,
        private EventDispatcherInterface $events,
        private RedrawPlan $redraw,
        private Ledger $ledger,
        private ClockInterface $clock,
    ) {
    }

    /** Every coat whose window over the one below has closed, each once however many look. */
    public function missed(Person $person): void
    {
        $this->entities->wrapInTransaction(function () use ($person): void {
            $this->timetable->lock();
            foreach ($this->jobs->all(new Factors()) as $job) {
                // The keys of the steps change with it; what else is late in this piece comes with the next look.
                [$late, $below] = $job->missedWindows($this->clock->now())[0] ?? [null, null];
                if (null === $late || null === $below) {
                    continue;
                }
                $piece = $this->entities->find(StoredPiece::class, $job->piece) ?? throw new \LogicException('It is on the bench.');
                $this->redraw->redraw($piece, static fn (Rework $r): Rework => $r->keyed($late->key, $below->key), RuleBook::because('W-7'), ['W-7']);
                $this->ledger->piece(
                    Event::Keyed,
                    $piece,
                    $person,
                    \sprintf('The window after “%s” was missed: key and wipe before “%s”.', $below->title, $late->title),
                );
            }
            $this->events->dispatch(BenchChanged::inTime());
        });
    }

    /**
     * What was laid badly is keyed and wiped once it is dry, and laid anew, after whatever has been begun meanwhile.
     *
     * @return list<string> keys of the steps that came in
     */
    public function layAgain(StoredStep $step): array
    {
        $keys = static fn (): array => array_map(static fn (StoredStep $s): string => $s->key(), $step->piece()->steps());
        $before = $keys();
        $next = null;
        foreach (array_reverse($step->piece()->steps()) as $later) {
            if ($later === $step || !$later->isOpen()) {
                break;
            }
            $next = $later;
        }
        $this->redraw->redraw(
            $step->piece(),
            static fn (Rework $r): Rework => $r->laidAgain($step->key(), $next?->key()),
            'What was laid there is taken back before it is laid anew.',
            ['W-7'],
        );

        return array_values(array_diff($keys(), $before));
    }
}
