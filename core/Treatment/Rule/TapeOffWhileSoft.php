<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\After;
use KindHeel\Core\Treatment\Phase;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Surface;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-27', 'Pulled while soft or fully cured the edge is clean; between the two the film tears.')]
final readonly class TapeOffWhileSoft implements PieceRule
{
    public function judge(PieceState $piece, Step $step): ?Violation
    {
        foreach ($piece->touchedBy($step) as $part) {
            if (!$part->has(Surface::Masked)) {
                continue;
            }
            $half = $part->part->at->half;
            $dressing = $piece->lastDressing($half);
            if (Action::Unmask === $step->action) {
                $bond = null === $dressing ? null : $step->bondTo($dressing);
                if (null !== $dressing && Stage::Touch !== $bond?->before && true !== $bond?->covers(Stage::Full)) {
                    return Violation::stop($this, $step, 'Pull the tape while the last coat is soft, or wait until it has fully cured.', Remedy::bind(new After($dressing, before: Stage::Touch)));
                }
            } elseif (Action::Mask !== $step->action) {
                return Violation::stop($this, $step, 'The tape is still on.', Remedy::first(Step::act(Phase::Unmask, Action::Unmask, [$part->part->at])));
            }
        }

        return null;
    }
}
