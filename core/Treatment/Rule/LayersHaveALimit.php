<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\DryFilm;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('J-4', 'Too many layers clog, go white, crack and collect dirt.')]
final readonly class LayersHaveALimit implements PartRule
{
    private const WAX_WHERE_IT_FLEXES = 2;
    private const WAX_WHERE_IT_DOES_NOT = 6;

    public function concerns(Step $step): bool
    {
        return FamilyId::Wax === $step->family || $step->does(Effect::BuildsFilm) && !$step->isSpot();
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        $flexes = $part->part->at->part->flexes();
        if (FamilyId::Wax !== $step->family) {
            return $flexes && $part->filmMicrons() + $step->applicator->dryMicrons() > DryFilm::CRACKS_FROM_UM
                ? Violation::stop(
                    $this,
                    $step,
                    Message::of('The film on the %s would be so thick that it cracks where it bends: strip before adding.', $part->part->at->part->label()),
                )
                : null;
        }
        $limit = $flexes ? self::WAX_WHERE_IT_FLEXES : self::WAX_WHERE_IT_DOES_NOT;

        return $part->coatsOf(FamilyId::Wax) >= $limit
            ? Violation::stop($this, $step, Message::of('No more than %d layers of wax on the %s.', $limit, $part->part->at->part->label()))
            : null;
    }
}
