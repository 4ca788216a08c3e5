<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Checking;

use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

/** Carries the state of every part through an order of steps and lets every rule judge every step. */
final class Checker
{
    /** @var array<string, list<PartRule|PieceRule>> rules that can have a say, by what a step does */
    private array $concerned = [];

    private static ?self $standard = null;

    /** @param list<PartRule|PieceRule> $rules */
    private function __construct(private readonly array $rules)
    {
    }

    /** Every rule of the book; rules know nothing of any piece, so one checker does for all. */
    public static function standard(): self
    {
        return self::$standard ??= new self(RuleBook::judges());
    }

    /**
     * @param list<Step> $steps in the order in which they would be done
     *
     * @return list<Violation>
     */
    public function check(Piece $piece, array $steps): array
    {
        $state = PieceState::asFound($piece, $steps);
        $found = [];
        $ended = false;
        foreach ($steps as $step) {
            array_push($found, ...$this->judge($state, $step));
            $state = $state->after($step);
            $ended = $ended || Action::HandOver === $step->action;
        }
        $last = end($steps);

        return $ended || false === $last ? $found : [...$found, ...$this->ending($state, $last)];
    }

    /**
     * What is wrong with a step if it came now; a part rule speaks once for each part.
     *
     * @return list<Violation>
     */
    public function judge(PieceState $state, Step $step): array
    {
        $touched = $state->touchedBy($step);
        $found = [];
        foreach ($this->concerned($step) as $rule) {
            if ($rule instanceof PieceRule) {
                $violation = $rule->judge($state, $step);
                if (null !== $violation) {
                    $found[] = $violation;
                }
                continue;
            }
            foreach ($touched as $part) {
                $violation = $rule->judge($part, $step);
                if (null !== $violation) {
                    $found[] = $violation->at($part->part->at);
                }
            }
        }

        return $found;
    }

    /**
     * What would be wrong at the hand-over, told of the last step where nobody has planned one; its waits aside.
     *
     * @return list<Violation>
     */
    private function ending(PieceState $state, Step $last): array
    {
        $end = Step::told(
            $last->id,
            Action::HandOver,
            null,
            Applicator::None,
            array_values(array_map(static fn (PartState $s) => $s->part->at, $state->all())),
            [],
        );

        return array_values(array_filter($this->judge($state, $end), static fn (Violation $v): bool => null === $v->remedy?->bond));
    }

    /** @return list<PartRule|PieceRule> */
    private function concerned(Step $step): array
    {
        return $this->concerned[$step->action->value.'/'.$step->family?->value.'/'.$step->applicator->value]
            ??= array_values(array_filter($this->rules, static fn (PartRule|PieceRule $rule): bool => $rule->concerns($step)));
    }
}
