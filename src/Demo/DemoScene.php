<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Timetable\TimetableStore;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;

/** What whoever opens the demo finds, whatever day it is: a step in the hand, and a promise that will not be kept as things stand. */
final readonly class DemoScene
{
    private const BEGUN_MINUTES_AGO = 1;
    private const TOO_SOON_MINUTES = 75;
    private const LEAST_AHEAD_MINUTES = 120;
    private const HALF_HOUR = 1800;
    private const OPENS = '09:30';

    public function __construct(
        private EntityManagerInterface $entities,
        private DemoHands $hands,
        private TimetableStore $timetable,
        private EventDispatcherInterface $events,
        private string $workshopTimezone,
    ) {
    }

    /** @return bool whether there was a step to take up at that moment */
    public function takeUp(\DateTimeImmutable $now): bool
    {
        return $this->at($now->modify(\sprintf('-%d minutes', self::BEGUN_MINUTES_AGO)), fn (MockClock $clock): bool => $this->hands->takeUp('tomas', $clock));
    }

    /** A piece is promised an hour and more before it can be done. */
    public function promiseTooSoon(\DateTimeImmutable $now, string $name): void
    {
        $this->at($now, function () use ($now, $name): void {
            $this->promise($now, $name);
            $this->entities->wrapInTransaction(fn () => $this->events->dispatch(BenchChanged::inTime()));
        });
    }

    /**
     * @template T
     *
     * @param \Closure(MockClock): T $act
     *
     * @return T
     */
    private function at(\DateTimeImmutable $moment, \Closure $act): mixed
    {
        $real = Clock::get();
        $clock = new MockClock($moment);
        Clock::set($clock);
        try {
            return $act($clock);
        } finally {
            Clock::set($real);
            $this->entities->clear();
        }
    }

    private function promise(\DateTimeImmutable $now, string $name): void
    {
        $piece = $this->entities->getRepository(StoredPiece::class)->findOneBy(['name' => $name]);
        $end = null === $piece ? null : $this->timetable->read()->ends[$piece->id()] ?? null;
        if (null === $piece || null === $end || \PHP_INT_MAX === $end) {
            return;
        }
        $soon = $now->setTimestamp(intdiv($end - 60 * self::TOO_SOON_MINUTES, self::HALF_HOUR) * self::HALF_HOUR)
            ->setTimezone(new \DateTimeZone($this->workshopTimezone));
        // Nobody is told to come before the door is open: then it is the evening before.
        $soon = $soon->format('H:i') < self::OPENS ? $soon->modify('-1 day')->setTime(17, 30) : $soon;
        if ($soon > $now->modify(\sprintf('+%d minutes', self::LEAST_AHEAD_MINUTES))) {
            $piece->ticket()->promise($soon, false);
            $this->entities->flush();
        }
    }
}
