<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Treatment\Step;

/**
 * Binds steps in their order: each to the one before it on the same half, so that each half is worked step by step and
 * only halves and pieces are worked in turn. A further coat of colour also follows the last coat on the other half (O-19).
 */
final class PrecedenceBinder
{
    /** @var array<string, string> the last step, by half */
    private array $lastOf = [];
    /** @var list<Step> */
    private array $bound = [];

    public function bind(Step $step): Step
    {
        foreach ($step->halves() as $half) {
            if (isset($this->lastOf[$half->value])) {
                $step = $step->bound(new After($this->lastOf[$half->value]));
            }
            $this->lastOf[$half->value] = $step->id;
        }
        if ($step->coat > 1 && !$step->isSpot() && $step->does(Effect::Colours)) {
            foreach ($this->bound as $earlier) {
                if (
                    $earlier->family === $step->family
                    && $earlier->coat === $step->coat - 1
                    && !$earlier->isSpot()
                    && $earlier->touches($step->on[0]->fellow())
                ) {
                    $step = $step->bound(new After($earlier->id));
                }
            }
        }
        $this->bound[] = $step;

        return $step;
    }
}
