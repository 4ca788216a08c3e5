<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\Need\Brief;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\Need\Needs;
use KindHeel\Core\Treatment\Need\Rank;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;
use KindHeel\Core\Treatment\Wish\School;

/** Puts needs one after the other, each settled with the rules before it is placed. */
final class Sequencer
{
    /** A need that has not come to rest after so many rounds is given up on the parts that still break a rule. */
    private const ROUNDS = 60;
    /** What comes to rest within a day is left overnight, where the pace allows. */
    private const A_NIGHT = 1440.0;

    private Checker $checker;
    private PrecedenceBinder $binder;
    private bool $overnight;
    private PieceState $state;
    /** @var array<int, list<Need>> by rank */
    private array $pool = [];
    /** @var list<Need> */
    private array $placed = [];
    /** @var array<string, int> position in placed, by step id */
    private array $position = [];

    private function __construct(private readonly Brief $brief, private readonly Restrictions $restrictions)
    {
        $this->overnight = 'overnight' === $brief->wishes->schools->side(School::Pace, 'one-go');
        $this->checker = Checker::standard();
        $this->binder = new PrecedenceBinder();
    }

    /**
     * @param array<string, true> $banned
     * @param list<Refusal>       $refused
     * @param list<Need>          $done    that have been worked already, in their order
     */
    public static function of(Brief $brief, array $banned, array $refused, array $done = []): self
    {
        $sequencer = new self($brief, new Restrictions($brief->wishes, $banned, $refused));
        $needs = [];
        foreach (Needs::of($brief) as $need) {
            $need = self::unlessDone($need, $done);
            $need = null === $need ? null : $sequencer->restrictions->allowed($need);
            if (null !== $need) {
                $needs[] = $need;
                $sequencer->pool[$need->rank][] = $need;
            }
        }
        $sequencer->state = PieceState::asFound($brief->piece, Needs::steps([...$done, ...$needs]));
        foreach ($done as $need) {
            $sequencer->place($need);
        }
        $sequencer->placeAll();

        return $sequencer;
    }

    /**
     * A need without the places where it has been met.
     *
     * @param list<Need> $done
     */
    private static function unlessDone(Need $need, array $done): ?Need
    {
        if ([] === $done || Action::HandOver === $need->step->action) {
            return $need;
        }
        $step = $need->step;
        $met = [];
        foreach ($done as $earlier) {
            if ($earlier->step->what() === $step->what() && $earlier->step->isSpot() === $step->isSpot()) {
                foreach ($earlier->step->on as $place) {
                    $met[$place->key] = ($met[$place->key] ?? 0) + 1;
                }
            }
        }
        $on = array_values(array_filter($step->on, static fn (Place $p): bool => ($met[$p->key] ?? 0) < $step->coat));

        return [] === $on ? null : $need->with($step->onto($on));
    }

    /** @return list<Need> in a workable order */
    public function placed(): array
    {
        return $this->placed;
    }

    /** @return list<Refusal> */
    public function refused(): array
    {
        return $this->restrictions->refused();
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
            foreach (\count($group) > 1 ? $group : [] as $need) {
                if ($need->step->laysProduct()) {
                    $this->settle($need, supportsOnly: true);
                }
            }
            while ([] !== ($group = $this->ofRank($rank))) {
                $need = $group[0];
                $this->pool[$rank] = array_values(array_filter($this->pool[$rank], static fn (Need $w): bool => $w !== $need));
                $settled = $this->settle($need);
                if (null !== $settled) {
                    $this->place($settled);
                }
            }
            unset($this->pool[$rank]);
        }
    }

    /** @return list<Need> what belongs together now, left before right, darker before paler, the tape last */
    private function ofRank(int $rank): array
    {
        $group = $this->pool[$rank] ?? [];
        usort($group, static fn (Need $a, Need $b): int => [$a->order, self::side($a->step), Action::Unmask === $a->step->action]
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
    private function settle(Need $need, bool $supportsOnly = false): ?Need
    {
        $busy = $this->busy($need);
        if ([] === $busy) {
            return null;
        }
        $need = $this->rested($need->with($need->step->onto($busy)->named($this->nextId())));
        $supported = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $violations = $this->checker->judge($this->state, $need->step);
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
                $need = $this->without($need, $fatal);
                if (null === $need) {
                    return null;
                }
            } elseif ([] !== $first) {
                $asked = $first[0]->remedy->first ?? throw new \LogicException('A remedy without a step.');
                foreach ($first as $violation) {
                    if (null !== $violation->remedy?->first && $violation->remedy->first->what() === $asked->what()) {
                        $supported[self::asked($violation, $violation->remedy->first)] = true;
                    }
                }
                $support = $this->restrictions->allowedSupport($this->support($first, $need));
                $settled = null === $support ? null : $this->settle($support);
                if (null !== $settled) {
                    $this->place($settled);
                    if (Action::Mask === $settled->step->action) {
                        $this->unmaskLater($settled->step, $need);
                    }
                }
                $need = $this->rested($need->with($need->step->named($this->nextId())));
            } elseif ([] === $bonds || $supportsOnly) {
                return $need;
            } else {
                foreach ($bonds as $violation) {
                    $need = $need->with($need->step->bound($this->bond($violation, $need->step)));
                    $need = $violation->stops ? $need->citing($violation->rule) : $need;
                }
            }
        }

        return $this->without(
            $need,
            array_values(array_filter($this->checker->judge($this->state, $need->step), static fn (Violation $v): bool => null === $v->blames)),
        );
    }

    /** @return list<Place> where an act finds something to do: what was refused before it leaves nothing to rub off, sand or brush */
    private function busy(Need $need): array
    {
        $filler = Action::Sand === $need->step->action && $need->rank > Rank::FILL && $need->rank < Rank::KEY;

        return array_values(array_filter($need->step->on, function (Place $p) use ($need, $filler): bool {
            $state = $this->state->at($p);

            return null === $state || !$state->isIdle($need->step->action) && (!$filler || $state->has(Surface::Unsanded));
        }));
    }

    /** A support is asked for once by a rule on a part; asked again, it did not help. */
    private static function asked(Violation $violation, Step $support): string
    {
        return $violation->rule.'/'.$support->what().'@'
            .($violation->at->key ?? implode(',', array_map(static fn (Place $p): string => $p->key, $support->on)));
    }

    /** A tape whose last coat has been worked past is left until that coat has cured. */
    private function bond(Violation $violation, Step $step): After
    {
        $bond = $violation->remedy->bond ?? throw new \LogicException('A remedy without a bond.');
        if (Action::Unmask !== $step->action) {
            return $bond;
        }
        $airs = static fn (Step $s): bool => [] !== array_filter($s->after, static fn (After $a): bool => null !== $a->from);
        $past = array_filter(
            \array_slice($this->placed, $this->position[$bond->step] + 1),
            static fn (Need $w): bool => $w->step->touches($step->on[0]) || ($w->step->on[0]->half === $step->on[0]->half && $airs($w->step)),
        );

        return [] !== $past ? new After($bond->step, Stage::Full) : $bond;
    }

    /**
     * A need without the parts on which it breaks a rule; what does instead there goes back into the pool.
     *
     * @param list<Violation> $fatal
     */
    private function without(Need $need, array $fatal): ?Need
    {
        $gone = [];
        foreach ($fatal as $violation) {
            foreach (null === $violation->at ? $need->step->on : [$violation->at] as $place) {
                $gone[$place->key] = $place;
                $this->restrictions->refuse($place, $need->step, $violation->rule, $violation->message);
            }
        }
        if ([] === $gone) {
            return $need;
        }
        $this->state = $this->state->without($need->step->onto(array_values($gone)));
        $instead = $this->restrictions->otherwise($need, array_values($gone));
        if (null !== $instead) {
            $this->pool[$instead->rank][] = $instead;
        }
        $left = array_values(array_filter($need->step->on, static fn (Place $p): bool => !isset($gone[$p->key])));

        return [] === $left ? null : $need->with($need->step->onto($left));
    }

    /** Binds a need that rests longer than rules ask for to what lies on its parts. */
    private function rested(Need $need): Need
    {
        $step = $need->step;
        if (null === $need->restsFrom && !$this->overnight) {
            return $need;
        }
        foreach ($this->state->touchedBy($step) as $part) {
            $from = $need->restsFrom ?? (null !== $part->top() && self::isNight($part->top()->family, $step) ? Stage::Full : null);
            if (null !== $part->top() && null !== $from) {
                $step = $step->bound(new After($part->top()->step, $from));
            }
        }

        return $need->with($step);
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
    private function support(array $violations, Need $for): Need
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

        return new Need($step, $for->rank, $violations[0]->message, array_values(array_unique(array_map(
            static fn (Violation $v): string => $v->rule,
            array_filter($violations, static fn (Violation $v): bool => $v->remedy?->first?->what() === $asked->what()),
        ))));
    }

    /** The tape stays until the last coat of its session, and is pulled while that is soft. */
    private function unmaskLater(Step $mask, Need $for): void
    {
        $session = $for->step->phase->session();
        $last = $for->rank;
        $order = $for->order;
        foreach ($this->pool as $rank => $group) {
            foreach ($group as $need) {
                if ($rank >= $last && $need->step->coats() && $need->step->phase->session() === $session && $need->step->on[0]->half === $mask->on[0]->half) {
                    $last = $rank;
                    $order = max($order, $need->order);
                }
            }
        }
        $this->pool[$last][] = new Need(
            Step::act(Phase::Unmask, Action::Unmask, $mask->on),
            $last,
            'The tape comes off while the edge is soft.',
            ['O-27'],
            order: $order,
        );
    }

    private function place(Need $need): void
    {
        $need = $need->with($this->binder->bind($need->step));
        $this->position[$need->step->id] = \count($this->placed);
        $this->placed[] = $need;
        $this->state = $this->state->after($need->step);
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
