<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Ahead\Foresee;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\Coat;
use KindHeel\Core\Drying\Forecaster;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Treatment\Family;
use KindHeel\Core\Treatment\FamilyId;
use Psr\Clock\ClockInterface;

/** Takes in a reading of the air and moves every running wait to what it means. */
final readonly class RecordAir
{
    /** What is typed holds for an hour against the instrument. */
    private const TYPED_HOLDS_MINUTES = 60;
    /** The instrument's reading is kept when it has changed by so much, or after so many minutes. */
    private const DEGREES = 0.3;
    private const HUMIDITY = 0.01;
    private const MINUTES = 10;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private AirHistory $history,
        private Forecaster $forecaster,
        private ClockInterface $clock,
        private Foresee $foresee,
    ) {
    }

    public function typed(Air $air): void
    {
        $this->keep($air, AirSource::Typed);
    }

    /** @return bool whether the reading was worth keeping */
    public function measured(Air $air): bool
    {
        $now = $this->clock->now();
        $last = $this->history->latest();
        $age = null === $last ? \INF : ($now->getTimestamp() - $last->at->getTimestamp()) / 60.0;
        if (null !== $last && AirSource::Typed === $last->source && $age < self::TYPED_HOLDS_MINUTES) {
            return false;
        }
        if (null !== $last && $age < self::MINUTES && abs($last->air->tempC - $air->tempC) < self::DEGREES && abs($last->air->rh - $air->rh) < self::HUMIDITY) {
            return false;
        }
        $this->keep($air, AirSource::Instrument);

        return true;
    }

    private function keep(Air $air, AirSource $source): void
    {
        $this->entities->persist(new AirReading($this->clock->now(), $air, $source));
        $this->entities->flush();
        $this->moveWaits();
    }

    /** Past the database's entities: a reading is not a change by somebody, so it must not count up a version. */
    private function moveWaits(): void
    {
        $now = Iso::toRow($this->clock->now());
        $coats = Row::all(
            $this->connection,
            'SELECT id, drying_family, ended_at FROM plan_step WHERE status = \'done\' AND drying_family IS NOT NULL AND (full_at > ? OR full_at IS NULL)',
            [$now],
        );
        foreach ($coats as $row) {
            $laidAt = $row->time('ended_at');
            $profile = Family::of(FamilyId::from($row->text('drying_family')))->drying;
            $forecast = $this->forecaster->forecast(new Coat($profile, $laidAt), $this->history->since($laidAt));
            $moments = [];
            foreach (Stage::cases() as $stage) {
                $at = $forecast->at($stage);
                $moments[$stage->value.'_at'] = null === $at ? null : Iso::toRow($at);
            }
            $warnings = array_values(array_unique(array_map(static fn ($w): string => $w->message, $forecast->warnings)));
            $this->connection->update('plan_step', $moments + ['air_warnings' => json_encode($warnings, \JSON_UNESCAPED_UNICODE)], ['id' => $row->int('id')]);
        }
        if ([] !== $coats) {
            $this->foresee->renew();
        }
    }
}
