<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Answer;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;

/**
 * The bench for those who look at it every other second. What was read for somebody is shown to them again for a moment, with the time as it is now, unless the
 * bench has changed since: then it is read anew at once. It lies in the database, so it does not matter which server is asked.
 */
final readonly class ShowBench
{
    public function __construct(private Connection $connection, private BenchReader $reader, private ClockInterface $clock, private int $benchShownMs)
    {
    }

    /** @param \Closure(): void $mend what is done when the window of a coat is found to have been missed */
    public function to(int $person, \Closure $mend): JsonResponse
    {
        $now = $this->clock->now();
        $row = Row::first($this->connection, 'SELECT a.asked, s.asked AS shown, s.until, s.body FROM timetable a LEFT JOIN bench_shown s ON s.person_id = ?', [
            $person,
        ]) ?? throw new \LogicException('The row is made with the table.');
        if (null !== $row->intOrNull('shown') && $row->int('shown') === $row->int('asked') && $this->isFresh($row->int('until') - self::milliseconds($now))) {
            return JsonResponse::fromJsonString(self::at($row->text('body'), $now));
        }
        $body = Answer::json($this->reader->forPerson($person, $mend));
        if ($this->benchShownMs > 0) {
            $this->connection->executeStatement(
                'INSERT INTO bench_shown (person_id, asked, until, body) VALUES (?, ?, ?, ?) ON DUPLICATE KEY UPDATE asked = VALUES(asked), until = '
                    .'VALUES(until), body = VALUES(body)',
                [$person, $row->int('asked'), self::milliseconds($now) + $this->benchShownMs, $body],
            );
        }

        return JsonResponse::fromJsonString($body);
    }

    /** Not what was read before the clock was put back: it would be shown until that hour comes again. */
    private function isFresh(int $leftMs): bool
    {
        return $leftMs > 0 && $leftMs <= $this->benchShownMs;
    }

    /** The first thing a bench says is the time. */
    private static function at(string $body, \DateTimeImmutable $now): string
    {
        return (string) preg_replace('/^\{"now":"[^"]*"/', '{"now":"'.$now->format(\DATE_RFC3339).'"', $body, 1);
    }

    private static function milliseconds(\DateTimeImmutable $at): int
    {
        return (int) $at->format('Uv');
    }
}
