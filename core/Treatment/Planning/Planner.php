<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Assessment\Half;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\Place;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\After;
use KindHeel\Core\Treatment\Checker;
use KindHeel\Core\Treatment\Family;
use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\Phase;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

/**
 * Makes a plan by asking the same rules that check one.
 *
 * Needs come first. Each is put before the rules in the state that the steps so far have left; what a rule asks for
 * – a step before it, a bond to one that is there – is added until no rule has anything to say. So the checker cannot
 * fault what comes out.
 */
final class Planner
{
    /** A need that has not come to rest after so many rounds shows two rules that ask for each other. */
    private const ROUNDS = 60;

    private Checker $checker;
    private PieceState $state;
    /** @var list<Wanted> */
    private array $pool = [];
    /** @var list<Wanted> */
    private array $placed = [];
    /** @var array<string, string> the step placed last, by half */
    private array $lastOf = [];

    private function __construct(private readonly Piece $piece)
    {
        $this->checker = Checker::standard();
        $this->state = PieceState::asFound($piece);
    }

    /** @param Air $air the workshop's usual air, for the waits */
    public static function plan(Piece $piece, Air $air): Plan
    {
        $remarks = new Remarks($piece);
        $referrals = $remarks->referrals();
        if ([] !== $referrals) {
            return new Plan([], [], $referrals, $remarks->tellOwner(), 0.0, 0.0);
        }
        $planner = new self($piece);
        $planner->pool = (new Needs($piece))->all();
        $planner->placeAll();

        return (new Numbers($piece, $air))->plan($planner->placed, $remarks);
    }

    private function placeAll(): void
    {
        while ([] !== $this->pool) {
            $rank = min(array_map(static fn (Wanted $w): int => $w->rank, $this->pool));
            foreach ($this->ofRank($rank) as $wanted) {
                $this->settle($wanted, supportsOnly: true);
            }
            while ([] !== ($group = $this->ofRank($rank))) {
                $wanted = $group[0];
                $this->pool = array_values(array_filter($this->pool, static fn (Wanted $w): bool => $w !== $wanted));
                $this->place($this->settle($wanted));
            }
        }
    }

    /** @return list<Wanted> what belongs together now, left before right, darker before paler */
    private function ofRank(int $rank): array
    {
        $group = array_values(array_filter($this->pool, static fn (Wanted $w): bool => $w->rank === $rank));
        usort($group, static fn (Wanted $a, Wanted $b): int => [$a->order, self::side($a->step), Action::Unmask === $a->step->action]
            <=> [$b->order, self::side($b->step), Action::Unmask === $b->step->action]);

        return $group;
    }

    private static function side(Step $step): int
    {
        return Half::Right === $step->on[0]->half ? 1 : 0;
    }

    /** Adds what the rules ask for before a need, until they are content with it; waits only where it is placed at once. */
    private function settle(Wanted $wanted, bool $supportsOnly = false): Wanted
    {
        $wanted = $this->rested($wanted->with($wanted->step->named($this->nextId())));
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $violations = array_values(array_filter($this->checker->judge($this->state, $wanted->step), static fn (Violation $v): bool => $v->stops));
            $first = array_values(array_filter($violations, static fn (Violation $v): bool => null !== $v->remedy?->first));
            if ([] !== $first) {
                $this->place($this->settle($this->support($first, $wanted)));
                $wanted = $this->rested($wanted->with($wanted->step->named($this->nextId())));
            } elseif ([] === $violations || $supportsOnly) {
                return $wanted;
            } else {
                foreach ($violations as $violation) {
                    $bond = $violation->remedy->bond ?? throw new \LogicException(\sprintf('%s on %s: %s', $violation->rule, $wanted->step->action->value, $violation->message));
                    $wanted = $wanted->with($wanted->step->bound($bond))->citing($violation->rule);
                }
            }
        }

        throw new \LogicException('Two rules ask for each other.');
    }

    /** Binds a need that rests longer than rules ask for to what lies on its parts. */
    private function rested(Wanted $wanted): Wanted
    {
        $step = $wanted->step;
        if (null !== $wanted->restsFrom) {
            foreach ($this->state->touchedBy($step) as $part) {
                $step = null === $part->top ? $step : $step->bound(new After($part->top->step, $wanted->restsFrom));
            }
        }

        return $wanted->with($step);
    }

    /**
     * The step that the first rule asks for, on every part for which a rule asks the same.
     *
     * @param non-empty-list<Violation> $violations
     */
    private function support(array $violations, Wanted $for): Wanted
    {
        $asked = $violations[0]->remedy->first ?? throw new \LogicException('A remedy without a step.');
        $on = [];
        foreach ($violations as $violation) {
            $step = $violation->remedy?->first;
            if (null !== $step && $step->action === $asked->action && $step->family === $asked->family) {
                foreach ($step->on as $place) {
                    $on[(string) $place] = $place;
                }
            }
        }
        $on = array_values($on);
        $step = match (true) {
            Action::Trial === $asked->action => $this->trial($on[0]->half),
            null !== $asked->family => Step::lay($asked->phase, $asked->family, $asked->applicator, $on),
            default => Step::act($asked->phase, $asked->action, $on),
        };
        if (Action::Mask === $step->action) {
            $this->unmaskLater($step, $for);
        }

        return new Wanted($step, $for->rank, $violations[0]->message, [$violations[0]->rule]);
    }

    /** One trial for all that this half will be treated with, so that it dries once. */
    private function trial(Half $half): Step
    {
        $on = array_values(array_map(
            static fn (Part $p): Place => $p->at,
            array_filter($this->piece->parts, static fn (Part $p): bool => $p->at->half === $half && $p->at->part->isOuter() && $p->needsTrial()),
        ));
        $tries = [];
        foreach ($this->pool as $wanted) {
            if ($wanted->step->laysProduct() && null !== $wanted->step->family && FamilyId::EdgeDressing !== $wanted->step->family && $wanted->step->on[0]->half === $half) {
                $tries[$wanted->step->family->value] = $wanted->step->family;
            }
        }

        return Step::trial($on, array_values($tries));
    }

    private function unmaskLater(Step $mask, Wanted $dressing): void
    {
        $last = $dressing->rank;
        foreach ($this->pool as $wanted) {
            if (FamilyId::EdgeDressing === $wanted->step->family && $wanted->step->on[0]->half === $mask->on[0]->half) {
                $last = max($last, $wanted->rank);
            }
        }
        $this->pool[] = new Wanted(Step::act(Phase::Unmask, Action::Unmask, $mask->on), $last, 'The tape comes off while the edge is soft.', ['O-27']);
    }

    private function place(Wanted $wanted): void
    {
        $wanted = $wanted->with($this->sewn($wanted->step));
        $this->placed[] = $wanted;
        $this->state = $this->state->after($wanted->step);
        foreach ($wanted->step->halves() as $half) {
            $this->lastOf[$half->value] = $wanted->step->id;
        }
    }

    /**
     * Binds a step to the one before it on the same half: a seam is sewn in order, only halves and pieces are worked in
     * turn. A further coat of colour also follows the last coat on the other half (O-19).
     */
    private function sewn(Step $step): Step
    {
        foreach ($step->halves() as $half) {
            if (isset($this->lastOf[$half->value])) {
                $step = $step->bound(new After($this->lastOf[$half->value]));
            }
        }
        if (null === $step->family || $step->coat < 2 || !Family::of($step->family)->carriesColour) {
            return $step;
        }
        foreach ($this->placed as $earlier) {
            if ($earlier->step->family === $step->family && $earlier->step->coat === $step->coat - 1 && $earlier->step->touches($step->on[0]->fellow())) {
                $step = $step->bound(new After($earlier->step->id));
            }
        }

        return $step;
    }

    private function nextId(): string
    {
        return \sprintf('s%02d', \count($this->placed) + 1);
    }
}
