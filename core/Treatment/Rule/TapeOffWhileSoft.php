<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-27', 'Pulled while soft or fully cured the edge is clean; between the two the film tears.')]
final readonly class TapeOffWhileSoft implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return Action::Mask !== $step->action && Action::Photograph !== $step->action && Action::TakeApart !== $step->action;
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        foreach ($piece->touchedBy($step) as $part) {
            $masked = $part->has(Surface::Masked);
            if (!$masked && !$part->has(Surface::SeamsCovered)) {
                continue;
            }
            if (Action::Unmask === $step->action) {
                $coat = $piece->lastCoat($part->part->at->half);
                $bond = null === $coat ? null : $step->bondTo($coat);
                if (null !== $coat && Stage::Touch !== $bond?->before && true !== $bond?->covers(Stage::Full)) {
                    return Violation::stop(
                        $this,
                        $step,
                        Message::of('Pull the tape while the last coat is soft, or wait until it has fully cured.'),
                        Remedy::bind(new After($coat, before: Stage::Touch)),
                    );
                }
            } elseif ($masked || \in_array($step->action, [Action::PutTogether, Action::HandOver, Action::Shape], true)) {
                return Violation::stop($this, $step, Message::of(
                    'The tape is still on.',
                ), Remedy::first(Step::act(Phase::Unmask, Action::Unmask, [$part->part->at])))->at(
                    $part->part->at,
                );
            }
        }

        return null;
    }
}
