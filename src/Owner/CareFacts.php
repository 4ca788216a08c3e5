<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\Passport;
use KindHeel\Core\Care\CareDue;
use KindHeel\Core\Care\CareKind;
use KindHeel\Core\Care\CareSchedule;
use KindHeel\Core\Care\CareUse;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Action;
use Psr\Clock\ClockInterface;

/** What the care of pieces hangs on: what they are made of, and what was done to them last, here and at home. Two statements for any number of them. */
final readonly class CareFacts
{
    private const FEEDS = [FamilyId::Conditioner, FamilyId::ConditionerLight, FamilyId::Oil, FamilyId::HeavyWax];
    private const POLISHES = [FamilyId::Cream, FamilyId::Wax];
    private const PROTECTS = [FamilyId::Repellent, FamilyId::GripSafeProtector];
    private const WIPES = [FamilyId::DampCloth, FamilyId::CleanerNeutral, FamilyId::CleanerCream, FamilyId::Soap, FamilyId::FoamCleaner];

    public function __construct(private Connection $connection, private Outside $outside, private ClockInterface $clock)
    {
    }

    /**
     * @param list<Passport> $passports
     *
     * @return array<int, list<CareDueView>> by passport, the soonest first
     */
    public function due(array $passports): array
    {
        return array_map($this->views(...), $this->of($passports));
    }

    /**
     * @param list<CareDue> $due
     *
     * @return list<CareDueView>
     */
    public function views(array $due): array
    {
        return array_map($this->view(...), $due);
    }

    /**
     * @param list<Passport> $passports
     *
     * @return array<int, list<CareDue>> by passport, the soonest first
     */
    public function of(array $passports): array
    {
        $ids = array_map(static fn (Passport $p): int => $p->id(), $passports);
        $outside = $this->outside->ofPassports($ids);
        [$last, $home] = $this->last($ids);
        $due = [];
        foreach ($passports as $passport) {
            $done = $last[$passport->id()] ?? [];
            foreach ($passport->cares() as $kind => $day) {
                $done[$kind] = max($done[$kind] ?? $day, $day);
            }
            $due[$passport->id()] = CareSchedule::of(
                $passport->kind()->family(),
                $outside[$passport->id()] ?? [],
                $passport->use() ?? CareUse::usual(),
                $done,
                // What it did not need then is counted from the day it went home.
                $home[$passport->id()] ?? $passport->since(),
            );
        }

        return $due;
    }

    private function view(CareDue $due): CareDueView
    {
        return new CareDueView(
            $due->kind,
            $due->kind->label(),
            (string) Iso::of($due->at),
            $due->everyDays,
            $due->why,
            $due->how,
            $due->isMissed($this->clock->now()->setTime(0, 0)),
            $due->kind->isTheShops(),
            $due->kind->minutes(),
            round($due->timesAYear(), 1),
        );
    }

    /**
     * @param list<int> $ids
     *
     * @return array{array<int, array<string, \DateTimeImmutable>>, array<int, \DateTimeImmutable>} by passport and kind of care; when it last went home
     */
    private function last(array $ids): array
    {
        $last = $home = [];
        foreach ([] === $ids ? [] : Row::all(
            $this->connection,
            "SELECT p.passport_id, s.action, s.family, MAX(s.ended_at) AS ended FROM plan_step s JOIN piece p ON p.id = s.piece_id
             WHERE p.passport_id IN (?) AND s.status = 'done' AND s.ended_at IS NOT NULL GROUP BY p.passport_id, s.action, s.family
             UNION ALL SELECT p.passport_id, NULL, NULL, MAX(p.collected_at) FROM piece p
             WHERE p.passport_id IN (?) AND p.collected_at IS NOT NULL AND p.called_off IS NULL GROUP BY p.passport_id",
            [$ids, $ids],
            [ArrayParameterType::INTEGER, ArrayParameterType::INTEGER],
        ) as $row) {
            $ended = $row->time('ended');
            $action = $row->enumOrNull('action', Action::class);
            if (null === $action) {
                $home[$row->int('passport_id')] = $ended;
                continue;
            }
            $kind = self::kind($action, $row->enumOrNull('family', FamilyId::class));
            if (null !== $kind) {
                $known = $last[$row->int('passport_id')][$kind->value] ?? null;
                $last[$row->int('passport_id')][$kind->value] = null === $known ? $ended : max($known, $ended);
            }
        }

        return [$last, $home];
    }

    private static function kind(Action $action, ?FamilyId $family): ?CareKind
    {
        return match (true) {
            Action::HandOver === $action => CareKind::SoleCheck,
            Action::DustOff === $action, FamilyId::Brush === $family => CareKind::Brush,
            null === $family => null,
            \in_array($family, self::FEEDS, true) => CareKind::Feed,
            \in_array($family, self::POLISHES, true) => CareKind::Polish,
            \in_array($family, self::PROTECTS, true) => CareKind::Protect,
            \in_array($family, self::WIPES, true) => CareKind::Wipe,
            default => null,
        };
    }
}
