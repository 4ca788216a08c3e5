<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Assessment\Piece;

/** Carries the state of every part through an order of steps and lets every rule judge every step. */
final readonly class Checker
{
    /** @param list<PartRule|PieceRule> $rules */
    private function __construct(private array $rules)
    {
    }

    public static function standard(): self
    {
        return new self(RuleBook::judges());
    }

    /**
     * @param list<Step> $steps in the order in which they would be done
     *
     * @return list<Violation>
     */
    public function check(Piece $piece, array $steps): array
    {
        $state = PieceState::asFound($piece);
        $found = [];
        foreach ($steps as $step) {
            $found = [...$found, ...$this->judge($state, $step)];
            $state = $state->after($step);
        }

        return $found;
    }

    /**
     * What is wrong with a step if it came now; a part rule speaks once for each part.
     *
     * @return list<Violation>
     */
    public function judge(PieceState $state, Step $step): array
    {
        $found = [];
        foreach ($this->rules as $rule) {
            if ($rule instanceof PieceRule) {
                $found[] = $rule->judge($state, $step);
            } else {
                foreach ($state->touchedBy($step) as $part) {
                    $found[] = $rule->judge($part, $step);
                }
            }
        }

        return array_values(array_filter($found));
    }
}
