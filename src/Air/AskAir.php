<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\App\Learning\Learning;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\Coat;
use KindHeel\Core\Drying\Forecaster;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Drying\WhatIf;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use Psr\Clock\ClockInterface;

/** What if the window were opened, the fan turned on: every coat that dries is forecast once more. */
final readonly class AskAir
{
    /** A coat that does not dry at all as it is counts as a day. */
    private const STALLED_MINUTES = 1440;

    public function __construct(private Connection $connection, private AirHistory $history, private Learning $learning, private Forecaster $forecaster, private ClockInterface $clock)
    {
    }

    public function what(WhatIf $do, Air $outside): WhatIfView
    {
        $now = $this->clock->now();
        $coats = Row::all(
            $this->connection,
            'SELECT s.piece_id, s.title, s.drying_family, s.applicator, s.ended_at, p.name FROM plan_step s JOIN piece p ON p.id = s.piece_id
             WHERE s.status = \'done\' AND s.drying_family IS NOT NULL AND p.finished_at IS NULL AND (s.next_at > ? OR s.next_at IS NULL) ORDER BY s.next_at, s.id',
            [Iso::toRow($now)],
        );
        $factors = $this->learning->factors();
        $around = [] === $coats ? [] : $this->history->aroundEach(array_values(array_unique(array_map(static fn (Row $r): int => $r->int('piece_id'), $coats))), min(array_map(static fn (Row $r): \DateTimeImmutable => $r->time('ended_at'), $coats)));
        $saved = [];
        foreach ($coats as $row) {
            $record = $around[$row->int('piece_id')];
            $coat = new Coat(Family::of(FamilyId::from($row->text('drying_family')))->drying, $row->time('ended_at'), learnedFactor: $factors->drying($row->text('drying_family'), $row->text('applicator')));
            $is = $record->since($now)[0]->air;
            $was = $this->forecaster->forecast($coat, $record)->at(Stage::Next);
            $becomes = $this->forecaster->forecast($coat, $record->changedFrom($now, $do->of($is, $outside)))->at(Stage::Next);
            $minutes = static fn (?\DateTimeImmutable $at): float => null === $at ? self::STALLED_MINUTES : ($at->getTimestamp() - $now->getTimestamp()) / 60.0;
            $saved[] = new SavedView($row->text('name'), $row->text('title'), Iso::of($was), Iso::of($becomes), (int) round($minutes($was) - $minutes($becomes)));
        }
        usort($saved, static fn (SavedView $a, SavedView $b): int => $b->minutes <=> $a->minutes);
        $then = $do->of($this->history->latest(AirHistory::USUAL)->air ?? $this->history->now(), $outside);

        return new WhatIfView($do->label(), round($then->tempC, 1), (int) round(100 * $then->rh), $then->speedMs, $do->caution(), $saved, array_sum(array_map(static fn (SavedView $s): int => $s->minutes, $saved)));
    }
}
