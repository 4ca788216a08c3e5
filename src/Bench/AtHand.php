<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\People\Person;
use KindHeel\App\People\Role;
use KindHeel\App\Settings\SpokenTime;
use KindHeel\App\Timetable\JobBuilder;
use KindHeel\Core\Schedule\Job;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The step that somebody says something of, and the moment at which it happened. */
final readonly class AtHand
{
    /** What was done while the computer was out of reach is taken in so long afterwards. */
    private const LATE_HOURS = 36;

    public function __construct(
        private EntityManagerInterface $entities,
        private Steps $steps,
        private SpokenTime $spoken,
        private ClockInterface $clock,
        private string $workshopTimezone,
    ) {
    }

    /** @throws Refused when somebody has changed it meanwhile */
    public function step(int $id, int $version): StoredStep
    {
        $step = $this->entities->find(StoredStep::class, $id) ?? throw new NotFoundHttpException();
        if ($step->version() !== $version) {
            throw Refused::stale(
                match (true) {
                    $step->isDone() => \sprintf('“%s” was ended at %s already.', $step->title(), $this->clockTime($step->work()->endedAt())),
                    $step->isRunning() => \sprintf(
                        '%s began “%s” at %s.',
                        $step->startedBy()?->name() ?? 'Somebody',
                        $step->title(),
                        $this->clockTime($step->work()->startedAt()),
                    ),
                    default => 'This step was changed meanwhile.',
                },
            );
        }

        return $step;
    }

    /**
     * When it happened: now, or when it was done while the computer was out of reach.
     *
     * @throws Refused when that cannot be
     */
    public function moment(?string $told): \DateTimeImmutable
    {
        $now = $this->clock->now();
        if (null === $told) {
            return $now;
        }
        $at = (new \DateTimeImmutable($told))->setTimezone($now->getTimezone());
        if ($at > $now->modify('+2 minutes') || $at < $now->modify(\sprintf('-%d hours', self::LATE_HOURS))) {
            throw Refused::now(
                \sprintf(
                    'It is said to have been done on %s, and that cannot be. Is the clock of that device right?',
                    $this->spoken->day($at),
                ),
            );
        }

        return min($at, $now);
    }

    public function job(StoredStep $step): Job
    {
        $piece = $step->piece();

        return JobBuilder::stored($piece->id(), $piece->ticket()->promisedAt(), $this->steps->ofPiece($piece->id()));
    }

    public function local(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return $at->setTimezone(new \DateTimeZone($this->workshopTimezone));
    }

    /** How hours are said here, for {@see \DateTimeInterface::format()}. */
    public function clock(): string
    {
        return $this->spoken->clock()->format();
    }

    public function clockTime(?\DateTimeImmutable $at): string
    {
        return null === $at ? '?' : $this->spoken->time($at);
    }

    /**
     * What another has begun, an apprentice ends with a word and no other way.
     *
     * @return string what is added to the line in the ledger
     *
     * @throws Refused without that word
     */
    public static function forAnother(StoredStep $step, ?string $why, Person $person): string
    {
        $by = $step->startedBy();
        if (Role::Apprentice !== $person->role() || null === $by || $by->id() === $person->id()) {
            return '';
        }
        $word = trim($why ?? '');

        return '' === $word
            ? throw Refused::unlessOverridden(\sprintf('%s began this. Why do you say it for them?', $by->name()))
            : \sprintf(' (for %s: %s)', $by->name(), $word);
    }
}
