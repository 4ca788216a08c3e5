<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Assessment\Half;
use KindHeel\Core\Assessment\Place;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Checker;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

/** Puts needs one after the other, each settled with the rules before it is placed. */
final class Sewing
{
    /** A need that has not come to rest after so many rounds is given up on the parts that still break a rule. */
    private const ROUNDS = 60;
    /** What comes to rest within a day is left overnight, where the pace allows. */
    private const A_NIGHT = 1440.0;

    private Checker $checker;
    private Seam $seam;
    private bool $overnight;
    private PieceState $state;
    /** @var array<int, list<Wanted>> by rank */
    private array $pool = [];
    /** @var list<Wanted> */
    private array $placed = [];
    /** @var array<string, int> position in placed, by step id */
    private array $position = [];

    private function __construct(private readonly Brief $brief, private readonly Permits $permits)
    {
        $this->overnight = 'overnight' === $brief->wishes->schools->side(School::Pace, 'one-go');
        $this->checker = Checker::standard();
        $this->seam = new Seam();
    }

    /**
     * @param array<string, true> $banned
     * @param list<Refusal>       $refused
     * @param list<Wanted>        $done    that have been worked already, in their order
     */
    public static function of(Brief $brief, array $banned, array $refused, array $done = []): self
    {
        $sewing = new self($brief, new Permits($brief->wishes, $banned, $refused));
        $needs = [];
        foreach (Needs::of($brief) as $wanted) {
            $wanted = self::unlessDone($wanted, $done);
            $wanted = null === $wanted ? null : $sewing->permits->allowed($wanted);
            if (null !== $wanted) {
                $needs[] = $wanted;
                $sewing->pool[$wanted->rank][] = $wanted;
            }
        }
        $sewing->state = PieceState::asFound($brief->piece, Needs::steps([...$done, ...$needs]));
        foreach ($done as $wanted) {
            $sewing->place($wanted);
        }
        $sewing->placeAll();

        return $sewing;
    }

    /**
     * A need without the places where it has been met.
     *
     * @param list<Wanted> $done
     */
    private static function unlessDone(Wanted $wanted, array $done): ?Wanted
    {
        if ([] === $done || Action::HandOver === $wanted->step->action) {
            return $wanted;
        }
        $step = $wanted->step;
        $met = [];
        foreach ($done as $earlier) {
            if ($earlier->step->what() === $step->what() && $earlier->step->isSpot() === $step->isSpot()) {
                foreach ($earlier->step->on as $place) {
                    $met[$place->key] = ($met[$place->key] ?? 0) + 1;
                }
            }
        }
        $on = array_values(array_filter($step->on, static fn (Place $p): bool => ($met[$p->key] ?? 0) < $step->coat));

        return [] === $on ? null : $wanted->with($step->onto($on));
    }

    /** @return list<Wanted> in a workable order */
    public function placed(): array
    {
        return $this->placed;
    }

    /** @return list<Refusal> */
    public function refused(): array
    {
        return $this->permits->refused();
    }

    /** @return list<Step> */
    public function steps(): array
    {
        return Needs::steps($this->placed);
    }

    public function step(string $id): Step
    {
        return $this->placed[$this->position[$id]]->step;
    }

    private function placeAll(): void
    {
        while ([] !== $this->pool) {
            $rank = min(array_keys($this->pool));
            // What both halves need first comes first on both, so that one dries while the other is worked.
            $group = $this->ofRank($rank);
            foreach (\count($group) > 1 ? $group : [] as $wanted) {
                if ($wanted->step->laysProduct()) {
                    $this->settle($wanted, supportsOnly: true);
                }
            }
            while ([] !== ($group = $this->ofRank($rank))) {
                $wanted = $group[0];
                $this->pool[$rank] = array_values(array_filter($this->pool[$rank], static fn (Wanted $w): bool => $w !== $wanted));
                $settled = $this->settle($wanted);
                if (null !== $settled) {
                    $this->place($settled);
                }
            }
            unset($this->pool[$rank]);
        }
    }

    /** @return list<Wanted> what belongs together now, left before right, darker before paler, the tape last */
    private function ofRank(int $rank): array
    {
        $group = $this->pool[$rank] ?? [];
        usort($group, static fn (Wanted $a, Wanted $b): int => [$a->order, self::side($a->step), Action::Unmask === $a->step->action]
            <=> [$b->order, self::side($b->step), Action::Unmask === $b->step->action]);

        return $group;
    }

    private static function side(Step $step): int
    {
        return Half::Right === $step->on[0]->half ? 1 : 0;
    }

    /**
     * Adds what the rules ask for before a need, until they are content with it; waits only where it is placed at once.
     *
     * What they forbid is taken off the parts where they forbid it; null when nothing is left.
     */
    private function settle(Wanted $wanted, bool $supportsOnly = false): ?Wanted
    {
        $busy = $this->busy($wanted);
        if ([] === $busy) {
            return null;
        }
        $wanted = $this->rested($wanted->with($wanted->step->onto($busy)->named($this->nextId())));
        $supported = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $violations = $this->checker->judge($this->state, $wanted->step);
            $fatal = [];
            $first = [];
            $bonds = [];
            foreach ($violations as $violation) {
                if (null !== $violation->blames) {
                    // An earlier product is to blame: the planner takes that out, not the step that brings it to light.
                    continue;
                }
                $support = $violation->remedy?->first;
                if (null !== $violation->remedy?->bond) {
                    $bonds[] = $violation;
                } elseif (null === $support || isset($supported[self::asked($violation, $support)])) {
                    $fatal[] = $violation;
                } else {
                    $first[] = $violation;
                }
            }
            if ([] !== $fatal) {
                if ($supportsOnly) {
                    return null;
                }
                $wanted = $this->without($wanted, $fatal);
                if (null === $wanted) {
                    return null;
                }
            } elseif ([] !== $first) {
                $asked = $first[0]->remedy->first ?? throw new \LogicException('A remedy without a step.');
                foreach ($first as $violation) {
                    if (null !== $violation->remedy?->first && $violation->remedy->first->what() === $asked->what()) {
                        $supported[self::asked($violation, $violation->remedy->first)] = true;
                    }
                }
                $support = $this->permits->allowedSupport($this->support($first, $wanted));
                $settled = null === $support ? null : $this->settle($support);
                if (null !== $settled) {
                    $this->place($settled);
                    if (Action::Mask === $settled->step->action) {
                        $this->unmaskLater($settled->step, $wanted);
                    }
                }
                $wanted = $this->rested($wanted->with($wanted->step->named($this->nextId())));
            } elseif ([] === $bonds || $supportsOnly) {
                return $wanted;
            } else {
                foreach ($bonds as $violation) {
                    $wanted = $wanted->with($wanted->step->bound($this->bond($violation, $wanted->step)));
                    $wanted = $violation->stops ? $wanted->citing($violation->rule) : $wanted;
                }
            }
        }

        return $this->without($wanted, array_values(array_filter($this->checker->judge($this->state, $wanted->step), static fn (Violation $v): bool => null === $v->blames)));
    }

    /** @return list<Place> where an act finds something to do: what was refused before it leaves nothing to rub off, sand or brush */
    private function busy(Wanted $wanted): array
    {
        $filler = Action::Sand === $wanted->step->action && $wanted->rank > Rank::FILL && $wanted->rank < Rank::KEY;

        return array_values(array_filter($wanted->step->on, function (Place $p) use ($wanted, $filler): bool {
            $state = $this->state->at($p);

            return null === $state || !$state->isIdle($wanted->step->action) && (!$filler || $state->has(Surface::Unsanded));
        }));
    }

    /** A support is asked for once by a rule on a part; asked again, it did not help. */
    private static function asked(Violation $violation, Step $support): string
    {
        return $violation->rule.'/'.$support->what().'@'.($violation->at->key ?? implode(',', array_map(static fn (Place $p): string => $p->key, $support->on)));
    }

    /** A tape whose last coat has been worked past is left until that coat has cured. */
    private function bond(Violation $violation, Step $step): After
    {
        $bond = $violation->remedy->bond ?? throw new \LogicException('A remedy without a bond.');
        $past = Action::Unmask === $step->action && [] !== array_filter(\array_slice($this->placed, $this->position[$bond->step] + 1), static fn (Wanted $w): bool => $w->step->touches($step->on[0])
            || $w->step->on[0]->half === $step->on[0]->half && [] !== array_filter($w->step->after, static fn (After $a): bool => null !== $a->from));

        return $past ? new After($bond->step, Stage::Full) : $bond;
    }

    /**
     * A need without the parts on which it breaks a rule; what does instead there goes back into the pool.
     *
     * @param list<Violation> $fatal
     */
    private function without(Wanted $wanted, array $fatal): ?Wanted
    {
        $gone = [];
        foreach ($fatal as $violation) {
            foreach (null === $violation->at ? $wanted->step->on : [$violation->at] as $place) {
                $gone[$place->key] = $place;
                $this->permits->refuse($place, $wanted->step, $violation->rule, $violation->message);
            }
        }
        if ([] === $gone) {
            return $wanted;
        }
        $this->state = $this->state->without($wanted->step->onto(array_values($gone)));
        $instead = $this->permits->otherwise($wanted, array_values($gone));
        if (null !== $instead) {
            $this->pool[$instead->rank][] = $instead;
        }
        $left = array_values(array_filter($wanted->step->on, static fn (Place $p): bool => !isset($gone[$p->key])));

        return [] === $left ? null : $wanted->with($wanted->step->onto($left));
    }

    /** Binds a need that rests longer than rules ask for to what lies on its parts. */
    private function rested(Wanted $wanted): Wanted
    {
        $step = $wanted->step;
        if (null === $wanted->restsFrom && !$this->overnight) {
            return $wanted;
        }
        foreach ($this->state->touchedBy($step) as $part) {
            $from = $wanted->restsFrom ?? (null !== $part->top() && self::isNight($part->top()->family, $step) ? Stage::Full : null);
            if (null !== $part->top() && null !== $from) {
                $step = $step->bound(new After($part->top()->step, $from));
            }
        }

        return $wanted->with($step);
    }

    /** Who works a short spell a day lets a family come to rest overnight before another goes on; what must be quick stays so. */
    private static function isNight(FamilyId $below, Step $step): bool
    {
        return null !== $step->family && $step->family !== $below && !$below->does(Effect::Degreases) && !$below->does(Effect::Wets)
            && Family::of($below)->drying->fullMinutes <= self::A_NIGHT && Phase::Degrease !== $step->phase;
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
            if (null !== $step && $step->what() === $asked->what()) {
                foreach ($step->on as $place) {
                    $on[$place->key] = $place;
                }
            }
        }
        $on = array_values($on);
        $step = match (true) {
            Action::Trial === $asked->action => (new TrialRound($this->state, $this->pool, $this->brief->wishes))->step($on[0]->half, $on, $asked->tries),
            null !== $asked->family => Step::lay($asked->phase, $asked->family, $asked->applicator, $on),
            default => Step::act($asked->phase, $asked->action, $on),
        };

        return new Wanted($step, $for->rank, $violations[0]->message, array_values(array_unique(array_map(
            static fn (Violation $v): string => $v->rule,
            array_filter($violations, static fn (Violation $v): bool => $v->remedy?->first?->what() === $asked->what()),
        ))));
    }

    /** The tape stays until the last coat of its session, and is pulled while that is soft. */
    private function unmaskLater(Step $mask, Wanted $for): void
    {
        $session = $for->step->phase->session();
        $last = $for->rank;
        $order = $for->order;
        foreach ($this->pool as $rank => $group) {
            foreach ($group as $wanted) {
                if ($rank >= $last && $wanted->step->coats() && $wanted->step->phase->session() === $session && $wanted->step->on[0]->half === $mask->on[0]->half) {
                    $last = $rank;
                    $order = max($order, $wanted->order);
                }
            }
        }
        $this->pool[$last][] = new Wanted(Step::act(Phase::Unmask, Action::Unmask, $mask->on), $last, 'The tape comes off while the edge is soft.', ['O-27'], order: $order);
    }

    private function place(Wanted $wanted): void
    {
        $wanted = $wanted->with($this->seam->sew($wanted->step));
        $this->position[$wanted->step->id] = \count($this->placed);
        $this->placed[] = $wanted;
        $this->state = $this->state->after($wanted->step);
    }

    private function nextId(): string
    {
        for ($number = \count($this->placed) + 1;; ++$number) {
            $id = \sprintf('s%02d', $number);
            if (!isset($this->position[$id])) {
                return $id;
            }
        }
    }
}
