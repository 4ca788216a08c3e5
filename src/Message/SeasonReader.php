<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\Owner;
use KindHeel\App\Job\Passport;
use KindHeel\App\Owner\CareFacts;
use KindHeel\Core\Care\CareDue;
use KindHeel\Core\Care\CareKind;
use KindHeel\Core\Care\Season;
use Psr\Clock\ClockInterface;

/** Who wants to be told, and what is due of theirs in a month; as many statements for a whole page of owners as for one. */
final readonly class SeasonReader
{
    private const PAGE = 50;
    private const KEPT = 200;
    /** Their own, gone home, and none of it here now. */
    private const AWAY = 'EXISTS (SELECT 1 FROM piece p WHERE p.passport_id = s.id AND p.collected_at IS NOT NULL AND p.called_off IS NULL)
        AND NOT EXISTS (SELECT 1 FROM piece p WHERE p.passport_id = s.id AND p.collected_at IS NULL)';

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private CareFacts $care,
        private MessageTexts $texts,
        private ClockInterface $clock,
        private string $workshopTimezone,
    ) {
    }

    /** @param string $month as 2026-12 */
    public function page(string $month, int $page): SeasonView
    {
        $ids = array_map(static fn (Row $r): int => $r->int('id'), Row::all(
            $this->connection,
            'SELECT o.id FROM owner o WHERE o.may_remind = 1 AND o.erased_at IS NULL
             AND EXISTS (SELECT 1 FROM passport s WHERE s.owner_id = o.id AND '.self::AWAY.\sprintf(
                ') ORDER BY o.name, o.id LIMIT %d OFFSET %d',
                self::PAGE + 1,
                self::PAGE * $page,
            ),
        ));
        $owners = [];
        foreach ($this->toTell($month, \array_slice($ids, 0, self::PAGE)) as [$owner, $cares]) {
            $way = $owner->way();
            $views = array_map(static fn (array $c): SeasonCareView => self::view(...$c), $cares);
            $told = [] === array_filter($views, static fn (SeasonCareView $c): bool => !$c->told);
            $owners[] = new SeasonOwnerView($owner->id(), $owner->name(), $way[0] ?? null, $way[1] ?? '', $views, $told);
        }

        return new SeasonView(
            $month,
            $owners,
            $page,
            \count($ids) > self::PAGE,
            Row::first(
                $this->connection,
                'SELECT COUNT(*) AS n FROM owner o
                 WHERE o.may_remind = 0 AND o.erased_at IS NULL AND EXISTS (SELECT 1 FROM passport s WHERE s.owner_id = o.id)',
            )?->int('n') ?? 0,
            $this->texts->of(Occasion::Care),
            $this->kept(),
        );
    }

    /**
     * @param list<int> $owners
     *
     * @return list<array{Owner, non-empty-list<array{Passport, CareDue, bool, bool}>}> with passport, what is due, whether it is late, whether they were told
     */
    public function toTell(string $month, array $owners): array
    {
        $zone = new \DateTimeZone($this->workshopTimezone);
        $today = $this->clock->now()->setTimezone($zone)->setTime(0, 0);
        $season = Season::of(new \DateTimeImmutable($month.'-01', $zone), $today);
        $passports = $this->passports($owners);
        $ids = array_map(static fn (Passport $p): int => $p->id(), $passports);
        $due = $this->care->of($passports);
        $told = $this->told($ids);
        $found = [];
        foreach ($passports as $passport) {
            foreach ($season->toTell($due[$passport->id()]) as $care) {
                $owner = $passport->owner();
                $found[$owner->id()] ??= [$owner, []];
                $found[$owner->id()][1][] = [
                    $passport,
                    $care,
                    $care->isMissed($today),
                    $season->isTold($care, $told[$passport->id()][$care->kind->value] ?? null),
                ];
            }
        }
        usort($found, static fn (array $a, array $b): int => [$a[0]->name(), $a[0]->id()] <=> [$b[0]->name(), $b[0]->id()]);

        return $found;
    }

    private static function view(Passport $passport, CareDue $due, bool $late, bool $told): SeasonCareView
    {
        return new SeasonCareView($passport->id(), $passport->name(), $due->kind, $due->kind->label(), (string) Iso::of($due->at), $due->why, $late, $told);
    }

    /**
     * @param list<int> $owners
     *
     * @return list<Passport> with their owners
     */
    private function passports(array $owners): array
    {
        $ids = [] === $owners ? [] : array_map(static fn (Row $r): int => $r->int('id'), Row::all(
            $this->connection,
            'SELECT s.id FROM passport s WHERE s.owner_id IN (?) AND '.self::AWAY,
            [$owners],
            [ArrayParameterType::INTEGER],
        ));
        /** @var list<Passport> $found */
        $found = [] === $ids ? [] : $this->entities
            ->createQuery('SELECT s, o FROM '.Passport::class.' s JOIN s.owner o WHERE s.id IN (:ids) AND o.mayRemind = true ORDER BY s.name, s.id')
            ->setParameter('ids', $ids)
            ->getResult();

        return $found;
    }

    /**
     * @param list<int> $passports
     *
     * @return array<int, array<string, \DateTimeImmutable>> when they were told last, by passport and kind of care
     */
    private function told(array $passports): array
    {
        $told = [];
        foreach ([] === $passports ? [] : Row::all(
            $this->connection,
            "SELECT a.passport_id, a.care, MAX(m.written_at) AS at FROM message_about a JOIN message m ON m.id = a.message_id
             WHERE a.passport_id IN (?) AND a.care IS NOT NULL AND m.state <> 'stopped' GROUP BY a.passport_id, a.care",
            [$passports],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $told[$row->int('passport_id')][$row->enum('care', CareKind::class)->value] = $row->time('at');
        }

        return $told;
    }

    /** @return list<KeptHereView> what is to go home first, first */
    private function kept(): array
    {
        $today = $this->clock->now()->format('Y-m-d');

        return array_map(static fn (Row $r): KeptHereView => new KeptHereView(
            $r->int('id'),
            $r->text('name'),
            $r->int('owner'),
            $r->text('owner_name'),
            $r->text('stored_at'),
            $r->textOrNull('stored_until'),
            null !== $r->textOrNull('stored_until') && $r->text('stored_until') < $today,
        ), Row::all(
            $this->connection,
            "SELECT s.id, s.name, s.stored_at, s.stored_until, o.id AS owner, o.name AS owner_name FROM passport s JOIN owner o ON o.id = s.owner_id
             WHERE s.stored_at <> '' ORDER BY s.stored_until IS NULL, s.stored_until, s.name LIMIT ".self::KEPT,
        ));
    }
}
