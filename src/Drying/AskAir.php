<?php

declare(strict_types=1);

namespace KindHeel\App\Drying;

use KindHeel\App\Air\AirHistory;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Job\PieceNames;
use KindHeel\App\Job\StepRecord;
use KindHeel\App\Job\Steps;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Drying\WhatIf;
use Psr\Clock\ClockInterface;

/** What if the window were opened, the fan turned on: every coat that dries is forecast once more. */
final readonly class AskAir
{
    /** A coat that does not dry at all as it is counts as a day. */
    private const STALLED_MINUTES = 1440;

    public function __construct(
        private PieceNames $names,
        private AirHistory $history,
        private CoatForecasts $forecasts,
        private Steps $steps,
        private ClockInterface $clock,
    ) {
    }

    public function what(WhatIf $do, Air $outside): WhatIfView
    {
        $now = $this->clock->now();
        $coats = $this->steps->drying(Stage::Next, $now);
        $names = $this->names->of(array_map(static fn (StepRecord $s): int => $s->piece, $coats));
        $minutes = static fn (?\DateTimeImmutable $at): float => null === $at ? self::STALLED_MINUTES : ($at->getTimestamp() - $now->getTimestamp()) / 60.0;
        $saved = [];
        foreach ($this->forecasts->each($coats) as [$step, $air, $in]) {
            $was = $in($air)->at(Stage::Next);
            // Where the clock was put back, a coat was laid in what is now the future.
            $from = max($now, $air->begins());
            $becomes = $in($air->changedFrom($from, $do->of($air->since($from)[0]->air, $outside)))->at(Stage::Next);
            $saved[] = new SavedView($names[$step->piece], $step->title, Iso::of($was), Iso::of($becomes), (int) round($minutes($was) - $minutes($becomes)));
        }
        usort($saved, static fn (SavedView $a, SavedView $b): int => $b->minutes <=> $a->minutes);
        $then = $do->of($this->history->latest(AirHistory::USUAL)->air ?? $this->history->now(), $outside);

        return new WhatIfView(
            $do->label(),
            round($then->tempC, 1),
            (int) round(100 * $then->rh),
            $then->speedMs,
            $do->caution(),
            $saved,
            array_sum(array_map(static fn (SavedView $s): int => $s->minutes, $saved)),
        );
    }
}
