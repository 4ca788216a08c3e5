<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Job\PieceRecorded;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Picture\MissingPictureView;
use KindHeel\App\Picture\Moment;
use KindHeel\App\Picture\PictureReader;
use KindHeel\App\Picture\PictureView;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Schedule\Standing;
use KindHeel\Core\Treatment\Action;
use Psr\Clock\ClockInterface;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/** Steps that ask for pictures or for a colour are done by pictures and readings, or with a word why there are none (O-1, S-1). */
final readonly class Records
{
    private const NAMED = 3;

    public function __construct(
        private AtHand $atHand,
        private PictureReader $pictures,
        private Connection $connection,
        private EntityManagerInterface $entities,
        private EventDispatcherInterface $events,
        private Ledger $ledger,
        private ClockInterface $clock,
    ) {
    }

    /**
     * What is still missing is taken, or somebody says why not.
     *
     * @throws Refused without that word
     */
    public function mustBeThere(StoredStep $step, ?string $why, Person $person, \DateTimeImmutable $at): void
    {
        $missing = $this->missing($step);
        if (null === $missing) {
            return;
        }
        $word = trim($why ?? '');
        if ('' === $word) {
            throw Refused::unlessOverridden($missing.(Action::Photograph === $step->action()
                ? ' Take them, or say why there are none.' : ' Read it, or say why not.'));
        }
        $this->ledger->step(Event::Overridden, $step, $person, \sprintf('%s %s', $missing, $word), at: $at);
    }

    /** What was taken while the step was open, or before it was planned, has done it. */
    #[AsEventListener]
    public function recorded(PieceRecorded $event): void
    {
        $this->entities->flush();
        $done = false;
        foreach ($event->piece->steps() as $step) {
            if ($step->isDone() || !self::asksForRecord($step) || null !== $this->missing($step) || !$this->mayBeDone($step, self::isClosing($step))) {
                continue;
            }
            $now = $this->clock->now();
            if ($step->isOpen()) {
                $step->start($now, $event->by);
            }
            $step->end($now);
            $this->ledger->step(Event::Done, $step, $event->by, $step->title(), $step->realMinutes(), $now);
            $done = true;
        }
        if ($done) {
            $this->events->dispatch(BenchChanged::inTime());
        }
    }

    /** What was taken at the counter counts, whether or not the laces are off by now. */
    private function mayBeDone(StoredStep $step, bool $closing): bool
    {
        if (!$closing) {
            return true;
        }
        $job = $this->atHand->job($step);

        return $step->isRunning() || Standing::Open === $job->readiness($job->tasks[$step->key()], $this->clock->now())->standing;
    }

    private static function asksForRecord(StoredStep $step): bool
    {
        return \in_array($step->action(), [Action::Photograph, Action::ReadColour], true);
    }

    /** How it leaves, rather than how it came in. */
    private static function isClosing(StoredStep $step): bool
    {
        return $step->toNeed()->step->coat > 1;
    }

    /** What such a step still asks for, as a sentence; null when nothing is missing, or it asks for nothing of the kind. */
    private function missing(StoredStep $step): ?string
    {
        $closing = self::isClosing($step);

        return match ($step->action()) {
            Action::Photograph => $this->missingPictures($step->piece()->id(), $closing),
            Action::ReadColour => $this->missingColour($step, $closing),
            default => null,
        };
    }

    private function missingPictures(int $piece, bool $closing): ?string
    {
        $view = $this->pictures->of($piece);
        if ($closing) {
            return [] === array_filter($view->pictures, static fn (PictureView $p): bool => Moment::After === $p->moment)
                ? 'There is no picture of how it leaves.'
                : null;
        }
        $labels = array_map(static fn (MissingPictureView $m): string => $m->label, $view->missing);
        $more = \count($labels) - self::NAMED;

        return [] === $labels ? null : \sprintf(
            'Pictures are still missing: %s%s.',
            implode(', ', \array_slice($labels, 0, self::NAMED)),
            $more > 0 ? \sprintf(' and %d more', $more) : '',
        );
    }

    /** One reading of a part that the step is on; at the end one that is newer than the last colour laid. */
    private function missingColour(StoredStep $step, bool $closing): ?string
    {
        $since = null;
        foreach ($closing ? $step->piece()->steps() : [] as $other) {
            $since = $other->isDone() && $other->toNeed()->step->laysProduct() ? max($since, $other->work()->endedAt()) : $since;
        }
        $on = array_map(static fn (Place $p): string => $p->key, $step->toNeed()->step->on);
        $readings = Row::all(
            $this->connection,
            "SELECT half, part, at FROM reading WHERE piece_id = ? AND spot NOT IN ('wanted', 'settling')",
            [$step->piece()->id()],
        );
        foreach ($readings as $reading) {
            if (\in_array($reading->text('half').'/'.$reading->text('part'), $on, true) && (null === $since || $reading->time('at') >= $since)) {
                return null;
            }
        }

        return $closing ? 'The finished colour has not been read.' : 'No colour has been read.';
    }
}
