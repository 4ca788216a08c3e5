<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

/**
 * A plan that a person changes, one change at a time: each gives a new one.
 *
 * Bonds to steps that are gone or come later fall away; what a change has touched gets the waits that the rules ask
 * for. What else they ask for is for the person to see, and to mend or to override.
 */
final readonly class Rework
{
    /** Rounds of binding after which a step has all the waits it can get. */
    private const ROUNDS = 20;
    private const MOST_COATS = 12;

    /** @param list<Step> $steps in the order in which they would be done */
    private function __construct(public Piece $piece, public array $steps)
    {
    }

    /** @param list<Step> $steps */
    public static function of(Piece $piece, array $steps): self
    {
        return new self($piece, $steps);
    }

    /** @return list<Violation> */
    public function faults(): array
    {
        return Checker::standard()->check($this->piece, $this->steps);
    }

    /** @throws ReworkError */
    public function step(string $id): Step
    {
        return $this->steps[$this->position($id)];
    }

    /**
     * @param string|null $before the step it goes before; null for the end
     *
     * @throws ReworkError
     */
    public function moved(string $id, ?string $before): self
    {
        $step = $this->step($id);
        $rest = $this->others($id);
        $at = null === $before ? \count($rest) : self::find($rest, $before);

        return $this->tidied([...\array_slice($rest, 0, $at), $step, ...\array_slice($rest, $at)], [$id]);
    }

    /** @throws ReworkError */
    public function added(Step $step, ?string $before): self
    {
        $at = null === $before ? \count($this->steps) : $this->position($before);
        $step = $step->bonds([])->named($this->freeId());

        // What comes after it on the same parts must wait for it in turn.
        $over = array_filter(\array_slice($this->steps, $at), static fn (Step $s): bool => [] !== array_filter($step->on, $s->touches(...)));

        return $this->tidied(
            [...\array_slice($this->steps, 0, $at), $step, ...\array_slice($this->steps, $at)],
            [$step->id, ...array_values(array_map(static fn (Step $s): string => $s->id, $over))],
        );
    }

    /** @throws ReworkError */
    public function dropped(string $id): self
    {
        $this->step($id);

        return $this->tidied($this->others($id), []);
    }

    /** @throws ReworkError when nothing is laid in that step */
    public function swapped(string $id, FamilyId $family, Applicator $applicator): self
    {
        $step = $this->step($id);
        if (Action::Lay !== $step->action) {
            throw new ReworkError(Message::of('Nothing is laid in this step, so there is no product to swap.'));
        }

        return $this->tidied($this->with($step->swapped($family, $applicator)), [$id, ...$this->bondedTo($id)]);
    }

    /**
     * More or fewer coats of what a step lays, on the same places.
     *
     * @throws ReworkError when nothing is laid, or the number is not to be had
     */
    public function coated(string $id, int $coats): self
    {
        $step = $this->step($id);
        if (Action::Lay !== $step->action || $coats < 1 || $coats > self::MOST_COATS) {
            throw new ReworkError(
                Action::Lay !== $step->action ? Message::of(
                    'Nothing is laid in this step, so it has no coats.',
                ) : Message::of('Between one coat and %d.', self::MOST_COATS),
            );
        }
        $alike = array_values(array_filter($this->steps, static fn (Step $s): bool => self::isAlike($s, $step)));
        $rework = $this;
        $new = [];
        for ($have = \count($alike); $have > $coats; --$have) {
            $rework = $rework->dropped($alike[$have - 1]->id);
        }
        for ($last = $alike[\count($alike) - 1]->id; $have < $coats; ++$have) {
            $next = $rework->position($last) + 1;
            $rework = $rework->added($step, isset($rework->steps[$next]) ? $rework->steps[$next]->id : null);
            $last = $rework->steps[$next]->id;
            $new[] = $last;
        }
        $coat = 0;
        $steps = array_map(static function (Step $s) use ($step, $coats, &$coat): Step {
            return self::isAlike($s, $step) ? $s->asCoat(++$coat, $coats) : $s;
        }, $rework->steps);

        return $rework->tidied($steps, $new);
    }

    /** @throws ReworkError when there is no such wait */
    public function hurried(string $id, string $after): self
    {
        $step = $this->step($id);
        $bond = $step->bondTo($after) ?? throw new ReworkError(Message::of('The step does not wait for that one.'));
        $rest = array_values(array_filter($step->after, static fn (After $a): bool => $a->step !== $after));

        return new self($this->piece, $this->with($step->bonds([...$rest, new After($after, null, $bond->withinMinutes, $bond->before)])));
    }

    /**
     * The window over a coat has been missed: the coat is keyed with a very fine abrasive and wiped with alcohol, and no longer has a window (W-7).
     *
     * @param string $id    the coat that comes too late
     * @param string $below the coat that it was to follow
     *
     * @throws ReworkError when there is no such step
     */
    public function keyed(string $id, string $below): self
    {
        $late = $this->step($id);
        $unbound = $late->bonds(array_map(static fn (After $a): After => $a->step === $below ? new After($a->step, $a->from) : $a, $late->after));

        return (new self($this->piece, $this->with($unbound)))->withKey($id);
    }

    /**
     * What was laid there is spoiled. It stays on the piece as the coat that it is: dry, it is keyed and wiped and laid anew (W-7), and what was to follow it
     * follows the new coat.
     *
     * @param string      $id     the spoiled coat
     * @param string|null $before the step before which it is laid anew; null for the end
     *
     * @throws ReworkError when there is no such step
     */
    public function laidAgain(string $id, ?string $before): self
    {
        $spoiled = $this->step($id);
        $again = $spoiled->bonds([])->named($this->freeId())->insteadOf($id);
        $to = static fn (After $a): After => $a->step === $id ? new After($again->id, $a->from, $a->withinMinutes, $a->before) : $a;
        $at = null === $before ? \count($this->steps) : $this->position($before);
        $steps = [
            ...\array_slice($this->steps, 0, $at),
            $again,
            ...array_map(static fn (Step $s): Step => $s->bonds(array_map($to, $s->after)), \array_slice($this->steps, $at)),
        ];

        return $this->tidied($steps, [$again->id])->withKey($again->id)->withWhatItAsks($again);
    }

    /**
     * It was not spoiled after all: what was put in to lay it anew goes, and what followed the new coat follows the old one.
     *
     * @param string       $id      the coat
     * @param list<string> $brought the steps that were put in
     */
    public function notLaidAgain(string $id, array $brought): self
    {
        $steps = [];
        foreach ($this->steps as $step) {
            if (!\in_array($step->id, $brought, true)) {
                $bound = $step->bonds([]);
                foreach ($step->after as $a) {
                    $bound = $bound->bound(\in_array($a->step, $brought, true) ? new After($id, $a->from, $a->withinMinutes, $a->before) : $a);
                }
                $steps[] = $bound;
            }
        }

        return $this->tidied($steps, []);
    }

    /** What the rules want before it that the key has not brought: filler sanded, the ground wiped. */
    private function withWhatItAsks(Step $coat): self
    {
        $rework = $this;
        $asks = static fn (Violation $v): bool => $v->step === $coat->id && null !== $v->remedy;
        while ([] !== ($faults = array_values(array_filter($rework->faults(), $asks)))) {
            $mended = $rework->mended($coat->id, $faults[0]->rule)?->rework;
            if (null === $mended || \count($mended->steps) < \count($rework->steps) || \count($mended->step($coat->id)->on) < \count($coat->on)) {
                break;
            }
            $rework = $mended;
        }

        return $rework;
    }

    /**
     * A film is keyed, dusted off and wiped before the next coat, where the part may be; a dye, and what is never sanded or takes no alcohol, is laid over as
     * it is.
     *
     * @throws ReworkError when there is no such step
     */
    private function withKey(string $id): self
    {
        $coat = $this->step($id);
        if (!$coat->does(Effect::BuildsFilm)) {
            return $this;
        }
        $wipe = Step::lay(Phase::Colour, FamilyId::Alcohol, $coat->isSpot() ? Applicator::Bud : Applicator::Cloth, $coat->on);
        $wiped = $this->addedWhereItMay($wipe, $id);
        $put = $wiped->steps[$wiped->position($id) - 1];
        if ($wiped === $this) {
            return $this;
        }
        $keyed = $wiped->addedWhereItMay(Step::act(Phase::Colour, Action::Sand, $put->on), $put->id);
        $sanded = $keyed->steps[$keyed->position($put->id) - 1];

        return $keyed === $wiped ? $wiped : $keyed->added(Step::act(Phase::Colour, Action::DustOff, $sanded->on), $put->id);
    }

    /** @throws ReworkError when there is no such step */
    private function addedWhereItMay(Step $step, string $before): self
    {
        $added = $this->added($step, $before);
        $put = $added->steps[$added->position($before) - 1];
        $not = [];
        foreach ($added->faults() as $fault) {
            if ($fault->step === $put->id && null === $fault->remedy) {
                foreach (null === $fault->at ? $put->on : [$fault->at] as $place) {
                    $not[$place->key] = true;
                }
            }
        }
        $may = array_values(array_filter($step->on, static fn (Place $p): bool => !isset($not[$p->key])));

        return match (true) {
            [] === $not => $added,
            [] === $may => $this,
            default => $this->added($step->onto($may), $before),
        };
    }

    /**
     * The smallest change that makes a step keep a rule; null when none is found.
     *
     * @throws ReworkError
     */
    public function mended(string $id, string $rule): ?Mended
    {
        return (new Mender($this))->mend($id, $rule);
    }

    /**
     * @param list<Step>   $steps
     * @param list<string> $touched
     */
    public function tidied(array $steps, array $touched): self
    {
        $binder = new PrecedenceBinder();
        $earlier = [];
        $bound = [];
        foreach ($steps as $step) {
            $kept = array_values(
                array_filter(
                    $step->after,
                    static fn (After $a): bool => isset($earlier[$a->step]) && (null !== $a->from || null !== $a->withinMinutes || null !== $a->before),
                ),
            );
            $lost = array_filter($step->after, static fn (After $a): bool => !isset($earlier[$a->step]) && null !== $a->from);
            if ([] !== $lost) {
                $touched[] = $step->id;
            }
            $bound[] = $binder->bind($step->bonds($kept));
            $earlier[$step->id] = true;
        }

        return new self($this->piece, $this->waiting($bound, array_flip($touched)));
    }

    /**
     * Gives the waits that rules ask for to some of the steps.
     *
     * @param list<Step>              $steps
     * @param array<string, int|bool> $touched
     *
     * @return list<Step>
     */
    private function waiting(array $steps, array $touched): array
    {
        if ([] === $touched) {
            return $steps;
        }
        $checker = Checker::standard();
        $state = PieceState::asFound($this->piece, $steps);
        foreach ($steps as $i => $step) {
            for ($round = 0; isset($touched[$step->id]) && $round < self::ROUNDS; ++$round) {
                $bonds = array_values(array_filter($checker->judge($state, $step), static fn (Violation $v): bool => null !== $v->remedy?->bond));
                if ([] === $bonds) {
                    break;
                }
                foreach ($bonds as $violation) {
                    $step = null === $violation->remedy?->bond ? $step : $step->bound($violation->remedy->bond);
                }
            }
            $steps[$i] = $step;
            $state = $state->after($step);
        }

        return $steps;
    }

    private static function isAlike(Step $one, Step $other): bool
    {
        return $one->what() === $other->what()
            && $one->phase === $other->phase
            && $one->isSpot() === $other->isSpot()
            && $one->on[0]->key === $other->on[0]->key
            && \count($one->on) === \count($other->on);
    }

    /** @return list<string> steps that wait for this one */
    private function bondedTo(string $id): array
    {
        $bonded = array_filter($this->steps, static fn (Step $s): bool => null !== $s->bondTo($id));

        return array_values(array_map(static fn (Step $s): string => $s->id, $bonded));
    }

    /** @return list<Step> */
    private function with(Step $changed): array
    {
        return array_map(static fn (Step $s): Step => $s->id === $changed->id ? $changed : $s, $this->steps);
    }

    /** @return list<Step> */
    private function others(string $id): array
    {
        return array_values(array_filter($this->steps, static fn (Step $s): bool => $s->id !== $id));
    }

    /** @throws ReworkError */
    public function position(string $id): int
    {
        return self::find($this->steps, $id);
    }

    /** @param list<Step> $steps */
    private static function find(array $steps, string $id): int
    {
        foreach ($steps as $i => $step) {
            if ($step->id === $id) {
                return $i;
            }
        }
        throw new ReworkError(Message::of('There is no such step in the plan.'));
    }

    private function freeId(): string
    {
        $taken = array_flip(array_map(static fn (Step $s): string => $s->id, $this->steps));
        for ($number = 1;; ++$number) {
            if (!isset($taken[\sprintf('h%02d', $number)])) {
                return \sprintf('h%02d', $number);
            }
        }
    }
}
