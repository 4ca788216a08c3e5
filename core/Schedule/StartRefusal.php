<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Text\Message;

/** Why a step may not start now, as a sentence; times are said in the zone of `$now`, on a clock as {@see \DateTimeInterface::format()} has it. */
final class StartRefusal
{
    public static function of(Task $task, Readiness $readiness, \DateTimeImmutable $now, string $clock = 'H:i'): ?string
    {
        $earlier = null === $readiness->because ? Message::of('An earlier step') : \sprintf('“%s”', $readiness->because->title);

        return match ($readiness->standing) {
            Standing::Open => null,
            Standing::Blocked => $earlier.Message::of(' is not done yet.'),
            Standing::Stalled => Message::of('In this air the %s does not dry. Warm or dry the room first.', $readiness->because->coat ?? Message::of(
                'coat below',
            )),
            Standing::ToTest => Message::of('%s should be ready: make the gate test first.', $earlier),
            Standing::Waiting => Message::of(
                '%s from %s.',
                self::what($readiness->stage),
                self::when(($readiness->opensAt ?? $now)->modify('+59 seconds'), $now, $clock),
            ),
            Standing::Late => Message::of(
                'Too late: it had to follow %s by %s. Do that again, or say why not.',
                $earlier,
                self::when($readiness->closesAt ?? $now, $now, $clock),
            ),
        };
    }

    private static function what(?Stage $stage): string
    {
        return match ($stage) {
            Stage::Touch => Message::of('May be touched'),
            Stage::RecoatFrom => Message::of('Next coat'),
            Stage::Full => Message::of('May be flexed and handed over'),
            default => Message::of('Ready for the next'),
        };
    }

    /** Cut to the minute; what opens is put a minute up before, so that the sentence never promises too early. */
    private static function when(\DateTimeImmutable $at, \DateTimeImmutable $now, string $clock): string
    {
        $local = $at->setTimezone($now->getTimezone());

        return match ($local->format('Y-m-d')) {
            $now->format('Y-m-d') => $local->format($clock),
            $now->modify('+1 day')->format('Y-m-d') => Message::of('tomorrow ').$local->format($clock),
            default => $local->format('D '.$clock),
        };
    }
}
