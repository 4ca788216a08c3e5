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
use KindHeel\Core\Text\Message;
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
    private const ROUNDS = 200;
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
    /** @var array<string, string> the steps that are looks, by name */
    private array $looks = [];
    /** @var array<string, true> steps that have been done, by id */
    private array $worked = [];

    /** @param array<string, true> $unprepared */
    private function __construct(private readonly Brief $brief, private readonly Restrictions $restrictions, private readonly array $unprepared)
    {
        $this->overnight = 'overnight' === $brief->wishes->schools->side(School::Pace, 'one-go');
        $this->checker = Checker::standard();
        $this->binder = new PrecedenceBinder();
    }

    /**
     * @param array<string, true> $banned
     * @param list<Refusal>       $refused
     * @param list<Need>          $done    that have been worked already, in their order
     * @param array<string, true> $idle    what is not prepared, by the keys of {@see VainSteps}
     */
    public static function of(Brief $brief, array $banned, array $refused, array $done = [], array $idle = []): self
    {
        $sequencer = new self($brief, new Restrictions($brief->wishes, $banned, $refused), $idle);
        $needs = [];
        foreach (Needs::of($brief) as $need) {
            $need = self::unlessDone($need, $done);
            $need = null === $need ? null : $sequencer->restrictions->allowed($need);
            $need = null === $need ? null : $sequencer->unlessIdle($need);
            if (null !== $need) {
                $needs[] = $need;
                $sequencer->pool[$need->rank][] = $need;
            }
        }
        $sequencer->state = PieceState::asFound($brief->piece, Needs::steps([...$done, ...$needs]));
        foreach ($done as $need) {
            $sequencer->worked[$need->step->id] = true;
            $sequencer->place($need);
        }
        $sequencer->placeAll();
        $sequencer->keep((new VainSteps($brief->piece, $sequencer->placed, $sequencer->worked))->withoutTrials());

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
            // Each look has a number of its own.
            if (Action::Gate === $step->action && $earlier->step->coat !== $step->coat) {
                continue;
            }
            if ($earlier->step->what() === $step->what() && $earlier->step->isSpot() === $step->isSpot()) {
                foreach ($earlier->step->on as $place) {
                    $met[$place->key] = ($met[$place->key] ?? 0) + 1;
                }
            }
        }
        $on = array_values(array_filter($step->on, static fn (Place $p): bool => ($met[$p->key] ?? 0) < (Action::Gate === $step->action ? 1 : $step->coat)));

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
            $this->supportTogether(array_values(array_filter($this->ofRank($rank), static fn (Need $n): bool => $n->step->laysProduct())));
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

    /**
     * What both halves need first comes first on both, act by act: one dries while the other is worked.
     *
     * @param list<Need> $group
     */
    private function supportTogether(array $group): void
    {
        $supported = array_map(static fn (Need $n): array => [], $group);
        do {
            $more = false;
            foreach (\count($group) > 1 ? $group : [] as $i => $need) {
                $busy = $this->busy($need);
                if ([] === $busy) {
                    continue;
                }
                $need = $this->rested($need->with($need->step->onto($busy)->named($this->nextId())));
                [$fatal, $first] = $this->judged($need, $supported[$i]);
                if ([] === $fatal && [] !== $first) {
                    $supported[$i] += $this->support($first, $need);
                    $more = true;
                }
            }
        } while ($more);
    }

    /**
     * What the rules say of a need as things stand.
     *
     * @param array<string, true> $supported what was asked for already, and did not help
     *
     * @return array{list<Violation>, list<Violation>, list<Violation>} what forbids it, what asks for a step before it, what asks it to wait
     */
    private function judged(Need $need, array $supported): array
    {
        $fatal = $first = $bonds = [];
        foreach ($this->checker->judge($this->state, $need->step) as $violation) {
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

        return [$fatal, $first, $bonds];
    }

    /**
     * Places what the first of these rules asks for.
     *
     * @param non-empty-list<Violation> $first
     *
     * @return array<string, true> what is thereby asked for, once
     */
    private function support(array $first, Need $need): array
    {
        $asked = $first[0]->remedy->first ?? throw new \LogicException('A remedy without a step.');
        $supported = [];
        foreach ($first as $violation) {
            if (null !== $violation->remedy?->first && $violation->remedy->first->what() === $asked->what()) {
                $supported[self::asked($violation, $violation->remedy->first)] = true;
            }
        }
        foreach ($this->supports($first, $need) as $support) {
            $allowed = $this->restrictions->allowedSupport($support);
            $settled = null === $allowed ? null : $this->settle($allowed);
            if (null !== $settled) {
                $this->place($settled);
                if (Action::Mask === $settled->step->action) {
                    foreach ($this->taping()->off($settled->step, $need) as $off) {
                        $this->pool[$off->rank][] = $off;
                    }
                }
            }
        }

        return $supported;
    }

    /**
     * What was prepared for nothing.
     *
     * @return list<string> as {@see VainSteps::key()}
     */
    public function idle(): array
    {
        return (new VainSteps($this->brief->piece, $this->placed, $this->worked))->prepared();
    }

    /** @param list<Need> $placed */
    private function keep(array $placed): void
    {
        $this->placed = $placed;
        $this->position = array_flip(array_map(static fn (Need $n): string => $n->step->id, $placed));
    }

    private function taping(): Taping
    {
        return new Taping($this->brief->piece, $this->state, $this->pool);
    }

    private function unlessIdle(Need $need): ?Need
    {
        $on = array_values(array_filter($need->step->on, fn (Place $p): bool => !isset($this->unprepared[VainSteps::key($need->step, $p->key)])));

        return [] === $on ? null : $need->with($need->step->onto($on));
    }

    /** @return list<Need> what belongs together now, left before right, darker before paler, the tape last */
    private function ofRank(int $rank): array
    {
        $group = $this->pool[$rank] ?? [];
        usort($group, static fn (Need $a, Need $b): int => self::turn($a) <=> self::turn($b));

        return $group;
    }

    /**
     * Acts that both halves get in one go stand together; of coats in their windows one half comes after the other, each with its tape.
     *
     * @return list<int|string|bool>
     */
    private static function turn(Need $need): array
    {
        $step = $need->step;
        $side = Half::Right === $step->on[0]->half ? 1 : 0;

        return $step->isOneSitting() && Action::Unmask !== $step->action
            ? [$need->order, 0, $step->what(), $step->applicator->value, $need->heldBehind ?? '', $side, false]
            : [$need->order, 1, '', '', '', $side, Action::Unmask === $step->action];
    }

    /**
     * Adds what the rules ask for before a need, until they are content with it.
     *
     * What they forbid is taken off the parts where they forbid it; null when nothing is left.
     */
    private function settle(Need $need): ?Need
    {
        $busy = $this->busy($need);
        if ([] === $busy) {
            return null;
        }
        $need = $this->rested($need->with($need->step->onto($busy)->named($this->nextId())));
        $supported = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            [$fatal, $first, $bonds] = $this->judged($need, $supported);
            if ([] !== $fatal) {
                $need = $this->without($need, $fatal);
                if (null === $need) {
                    return null;
                }
            } elseif ([] !== $first) {
                $supported += $this->support($first, $need);
                $need = $this->rested($need->with($need->step->named($this->nextId())));
            } elseif ([] === $bonds) {
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
        $filler = Action::Sand === $need->step->action
            && Phase::Fill === $need->step->phase && $need->step->coats > 0 && Rank::SAND_EDGE !== $need->rank % 20_000;

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
     * The step that the first rule asks for, on every part for which a rule asks the same; a trial for each product that will be laid.
     *
     * @param non-empty-list<Violation> $violations
     *
     * @return list<Need>
     */
    private function supports(array $violations, Need $for): array
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
        if (Action::Mask === $asked->action) {
            foreach ($this->taping()->masks($for) as $place) {
                $on[$place->key] = $place;
            }
        }
        $on = array_values($on);
        $step = match (true) {
            null !== $asked->family => Step::lay($asked->phase, $asked->family, $asked->applicator, $on),
            default => Step::act($asked->phase, $asked->action, $on),
        };
        $steps = Action::Trial === $asked->action ? (new TrialRound($this->state, $this->pool, $this->brief->wishes))->steps($on, $asked->tries) : [$step];
        $rules = array_values(array_unique(array_map(
            static fn (Violation $v): string => $v->rule,
            array_filter($violations, static fn (Violation $v): bool => $v->remedy?->first?->what() === $asked->what()),
        )));

        return array_map(static fn (Step $s): Need => new Need(
            $s,
            $for->rank,
            match ($s->action) {
                Action::Trial => Message::of('What it does to this leather shows only where it is tried, and only dry.'),
                Action::Mask => \count($violations) > 1
                    ? Message::of('What follows would run, drift or rub past the seam. Taped once, for every coat in this stretch.')
                    : $violations[0]->message,
                default => $violations[0]->message,
            },
            Action::Mask === $s->action ? [...$rules, 'S-2'] : $rules,
        ), $steps);
    }

    private function place(Need $need): void
    {
        if (null !== $need->heldBehind && isset($this->looks[$need->heldBehind])) {
            $need = $need->with($need->step->ifNeededAfter($this->looks[$need->heldBehind]));
        }
        $last = end($this->placed);
        if (false !== $last && $this->inOneGo($last, $need)) {
            $step = $need->step->named($last->step->id);
            if (null !== $need->look) {
                $this->looks[$need->look] = $step->id;
            }
            array_pop($this->placed);
            $this->placed[] = $last->together($need->with($this->binder->bind($step)));
            $this->state = $this->state->after($step);

            return;
        }
        $need = $need->with($this->binder->bind($need->step));
        $this->openItsWindowLate($need->step);
        if (null !== $need->look) {
            $this->looks[$need->look] = $need->step->id;
        }
        $this->position[$need->step->id] = \count($this->placed);
        $this->placed[] = $need;
        $this->state = $this->state->after($need->step);
    }

    /**
     * What has to be followed within the hour is not begun before all else that its follower waits for: the dye's own trial dries while nothing is
     * degreased, and the colour beside it before it may be taped.
     */
    private function openItsWindowLate(Step $step): void
    {
        foreach ($step->after as $window) {
            if (null === $window->withinMinutes || isset($this->worked[$window->step])) {
                continue;
            }
            $at = $this->position[$window->step];
            $opening = $this->placed[$at]->step;
            foreach ($this->waitedFor($step, $at) as $bond) {
                $opening = $opening->bound(new After($bond->step, $bond->from));
            }
            array_splice($this->placed, $at, 1, [$this->placed[$at]->with($opening)]);
        }
    }

    /**
     * What a step, and what comes between, has to wait for of all that lies before a place in the order.
     *
     * @return list<After>
     */
    private function waitedFor(Step $step, int $at): array
    {
        $bonds = [];
        foreach ($step->after as $bond) {
            $position = $this->position[$bond->step];
            if ($position > $at) {
                array_push($bonds, ...$this->waitedFor($this->placed[$position]->step, $at));
            } elseif (null !== $bond->from && $position < $at) {
                $bonds[] = $bond;
            }
        }

        return $bonds;
    }

    /** The last act goes on, on the other half: what dries in between is not waited for, and nothing waits for it. */
    private function inOneGo(Need $last, Need $next): bool
    {
        $step = $next->step;
        if (
            !$step->isOneSitting() || !$step->isSameAct($last->step) || isset($this->worked[$last->step->id])
            || $last->shade !== $next->shade || (null === $last->areaDm2) !== (null === $next->areaDm2)
            || [] !== array_intersect(self::keys($last->step), self::keys($step))
        ) {
            return false;
        }
        if (null !== $step->bondTo($last->step->id)?->from) {
            return false;
        }

        return Action::Unmask !== $step->action || self::windows($step) === self::windows($last->step);
    }

    /** @return list<string> */
    private static function keys(Step $step): array
    {
        return array_map(static fn (Place $p): string => $p->key, $step->on);
    }

    /** @return list<string> the coats within whose window it has to come */
    private static function windows(Step $step): array
    {
        return array_values(array_map(
            static fn (After $a): string => $a->step,
            array_filter($step->after, static fn (After $a): bool => null !== $a->before || null !== $a->withinMinutes),
        ));
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
