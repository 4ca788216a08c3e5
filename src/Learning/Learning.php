<?php

declare(strict_types=1);

namespace KindHeel\App\Learning;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StepStatus;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\People\Person;
use KindHeel\Core\Drying\Coat;
use KindHeel\Core\Drying\Forecaster;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Schedule\Learning\Gaps;
use KindHeel\Core\Schedule\Learning\GateEvidence;
use KindHeel\Core\Schedule\Learning\Learned;
use KindHeel\Core\Treatment\WorkKey;

/** Takes in how long things really took, and says by how much this workshop differs from the book. */
final readonly class Learning
{
    /** The newest of each thing count. */
    private const NEWEST = 40;
    private const STEPS_OF_LATE = 400;
    /** Minutes outside of this are a key pressed late, not work. */
    private const BELIEVABLE = [0.2, 5.0];

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private AirHistory $air,
        private Forecaster $forecaster,
    ) {
    }

    /** @return Evidence|null null where nothing can be learned from it */
    public function worked(StoredStep $step, Person $person): ?Evidence
    {
        $at = $step->work()->endedAt() ?? throw new \LogicException('It has been worked.');

        return $this->seen(EvidenceKind::Minutes, $step->workKey(), $step->work()->minutes() / max(0.1, $step->minutes()), $at, $person);
    }

    private function seen(EvidenceKind $kind, string $what, float $ratio, \DateTimeImmutable $at, Person $person): ?Evidence
    {
        if ($ratio < self::BELIEVABLE[0] || $ratio > self::BELIEVABLE[1]) {
            return null;
        }
        $evidence = new Evidence($kind, $what, $ratio, $at, $person);
        $this->entities->persist($evidence);

        return $evidence;
    }

    /** @return Evidence|null null where nothing can be learned from it */
    public function passed(StoredStep $step, Person $person, \DateTimeImmutable $at): ?Evidence
    {
        $family = $step->dryingFamily();
        $laid = $step->work()->endedAt();
        $stage = $step->gateFrom();
        if (null === $family || null === $laid || null === $stage) {
            return null;
        }
        $minutes = static fn (?\DateTimeImmutable $moment): ?float => null === $moment ? null : ($moment->getTimestamp() - $laid->getTimestamp()) / 60.0;
        $book = $this->forecaster->forecast(new Coat(Family::of($family)->drying, $laid), $this->air->around($step->piece()->id(), $laid))->minutes($stage);
        $ratio = null === $book
                ? null
                : GateEvidence::ratio(
                    $book,
                    $minutes($step->moments()->forecast($stage)) ?? $book,
                    $minutes($at) ?? 0.0,
                    $minutes($step->moments()->notYetAt()),
                );

        return null === $ratio ? null : $this->seen(EvidenceKind::Drying, WorkKey::drying($family, $step->applicator()), $ratio, $at, $person);
    }

    /** @param list<Row>|null $rows as {@see rows()} reads them, where somebody has them already */
    public function factors(?array $rows = null): Factors
    {
        $drying = $minutes = $by = [];
        foreach ($rows ?? $this->rows() as $row) {
            if (EvidenceKind::Drying->value === $row->text('kind')) {
                $drying[$row->text('what')][] = $row->float('ratio');
            } else {
                $minutes[$row->text('what')][] = $row->float('ratio');
                $by[$row->int('person_id')][] = $row;
            }
        }
        $learned = self::newest(...);
        $ofMinutes = array_map($learned, $minutes);
        $people = [];
        foreach ($by as $person => $rows) {
            $people[$person] = $learned(array_map(static fn (Row $r): float => $r->float('ratio') / $ofMinutes[$r->text('what')]->factor, $rows));
        }

        return new Factors(array_map($learned, $drying), $ofMinutes, $people);
    }

    /** @param list<float> $ratios the newest first */
    private static function newest(array $ratios): Learned
    {
        return Learned::from(\array_slice($ratios, 0, self::NEWEST));
    }

    /** What going from piece to piece took of late. */
    public function gaps(): Gaps
    {
        $rows = Row::all(
            $this->connection,
            'SELECT started_by_id, piece_id, UNIX_TIMESTAMP(started_at) AS begun, UNIX_TIMESTAMP(ended_at) AS ended FROM plan_step
             WHERE status = ? AND started_by_id IS NOT NULL AND worked_seconds = 0 ORDER BY ended_at DESC LIMIT '.self::STEPS_OF_LATE,
            [StepStatus::Done->value],
        );
        $steps = array_map(static fn (Row $r): array => [$r->int('started_by_id'), $r->int('piece_id'), $r->int('begun'), $r->int('ended')], $rows);
        usort($steps, static fn (array $a, array $b): int => $a[2] <=> $b[2]);

        return Gaps::between($steps);
    }

    /** @return list<Row> the newest first */
    public function rows(): array
    {
        return Row::all($this->connection, 'SELECT kind, what, ratio, at, person_id FROM evidence WHERE set_aside = 0 ORDER BY id DESC LIMIT 1500');
    }

    /** From now on as if nothing had been seen of it; what was seen is kept. */
    public function reset(EvidenceKind $kind, string $what): int
    {
        return (int) $this->connection->executeStatement('UPDATE evidence SET set_aside = 1 WHERE kind = ? AND what = ?', [$kind->value, $what]);
    }
}
