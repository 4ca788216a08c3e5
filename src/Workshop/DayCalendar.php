<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PieceNames;
use KindHeel\App\Job\StepDetail;
use KindHeel\App\Job\Steps;
use KindHeel\App\Timetable\TimetableStore;
use Psr\Clock\ClockInterface;
use Sabre\VObject\Component\VCalendar;

/** Promised dates and the hand work of one person, as iCalendar (RFC 5545) has it. */
final readonly class DayCalendar
{
    /** Work with less between is one entry. */
    private const GAP_SECONDS = 20 * 60;

    public function __construct(
        private Connection $connection,
        private Steps $steps,
        private PieceNames $names,
        private TimetableStore $timetable,
        private ClockInterface $clock,
    ) {
    }

    public function of(int $person): string
    {
        $calendar = new VCalendar([
            'PRODID' => '-//Kind Heel//Workshop//EN', 'NAME' => 'Kind Heel', 'X-WR-CALNAME' => 'Kind Heel',
            'REFRESH-INTERVAL;VALUE=DURATION' => 'PT15M',
        ]);
        $utc = new \DateTimeZone('UTC');
        $stamp = $this->clock->now()->setTimezone($utc);
        foreach (
            Row::all(
                $this->connection,
                'SELECT t.id, t.customer, t.promised_at, GROUP_CONCAT(p.name ORDER BY p.id SEPARATOR \', \') AS pieces FROM ticket t JOIN piece p '
                    .'ON p.ticket_id = t.id WHERE p.finished_at IS NULL GROUP BY t.id ORDER BY t.promised_at',
            ) as $ticket
        ) {
            $at = $ticket->time('promised_at')->setTimezone($utc);
            $calendar->add('VEVENT', [
                'UID' => \sprintf('ticket-%d@kind-heel', $ticket->int('id')),
                'DTSTAMP' => $stamp,
                'DTSTART' => $at,
                'DTEND' => $at->modify('+15 minutes'),
                'SUMMARY' => 'Promised: '.$ticket->text('customer'),
                'DESCRIPTION' => $ticket->text('pieces'),
                'TRANSP' => 'TRANSPARENT',
            ]);
        }
        foreach ($this->stretches($person) as $stretch) {
            $from = (new \DateTimeImmutable('@'.$stretch[0]['start']))->setTimezone($utc);
            $calendar->add('VEVENT', [
                'UID' => \sprintf('work-%d-%d@kind-heel', $person, $stretch[0]['step']),
                'DTSTAMP' => $stamp,
                'DTSTART' => $from,
                'DTEND' => (new \DateTimeImmutable('@'.$stretch[\count($stretch) - 1]['end']))->setTimezone($utc),
                'SUMMARY' => implode(', ', array_unique(array_column($stretch, 'piece'))),
                'DESCRIPTION' => implode("\n", array_map(static fn (array $b): string => $b['title'].' – '.$b['piece'], $stretch)),
            ]);
        }

        // A calendar may hold no control character (RFC 5545, 3.1), whatever was typed once.
        return preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', '', $calendar->serialize()) ?? '';
    }

    /** @return list<non-empty-list<array{step: int, start: int, end: int, title: string, piece: string}>> hand work that goes on without a rest */
    private function stretches(int $person): array
    {
        $mine = array_values(array_filter($this->timetable->read()->blocks, static fn (array $b): bool => $b[1] === $person));
        $steps = $this->steps->details(array_column($mine, 0));
        $pieces = $this->names->of(array_values(array_map(static fn (StepDetail $d): int => $d->step->piece, $steps)));
        $stretches = [];
        foreach ($mine as [$step, , $start, $end]) {
            $detail = $steps[$step] ?? null;
            if (null === $detail) {
                continue;
            }
            $block = ['step' => $step, 'start' => $start, 'end' => $end, 'title' => $detail->step->title, 'piece' => $pieces[$detail->step->piece]];
            $last = array_key_last($stretches);
            if (null !== $last && $start - $stretches[$last][\count($stretches[$last]) - 1]['end'] <= self::GAP_SECONDS) {
                $stretches[$last][] = $block;
            } else {
                $stretches[] = [$block];
            }
        }

        return $stretches;
    }
}
