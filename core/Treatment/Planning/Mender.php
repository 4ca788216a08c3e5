<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\PlaceWords;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

/** Looks for the smallest change that makes a step keep a rule: a wait, a step before it, another place in the order, or leaving it out. */
final readonly class Mender
{
    /** How many steps to either side another place is looked for. */
    private const REACH = 40;
    /** A step that is put in may itself ask for another before it, so deep at the most. */
    private const DEPTH = 6;

    public function __construct(private Rework $rework)
    {
    }

    /** @throws ReworkError when there is no such step */
    public function mend(string $id, string $rule): ?Mended
    {
        $this->rework->step($id);
        $faults = $this->rework->faults();
        $broken = array_values(array_filter($faults, static fn (Violation $v): bool => $v->step === $id && $v->rule === $rule));
        if ([] === $broken) {
            return null;
        }
        foreach ($this->candidates($id, $broken) as $mended) {
            $left = $mended->rework->faults();
            $still = array_filter($left, static fn (Violation $v): bool => $v->step === $id && $v->rule === $rule);
            if ([] === $still && \count($left) < \count($faults) && $this->isWhole($mended->rework)) {
                return $mended;
            }
        }

        return null;
    }

    /** Mending keeps what building keeps: the hand-over comes last, and no tape waits for two coats at once. */
    private function isWhole(Rework $mended): bool
    {
        $before = $this->rework->steps;
        $ended = [] !== $before && Action::HandOver === $before[\count($before) - 1]->action;
        $last = [] === $mended->steps ? null : $mended->steps[\count($mended->steps) - 1];
        if ($ended && Action::HandOver !== $last?->action) {
            return false;
        }
        foreach ($mended->steps as $step) {
            $windows = array_filter($step->after, static fn (After $a): bool => Stage::Touch === $a->before);
            if (Action::Unmask === $step->action && \count($windows) > \count($step->halves())) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param non-empty-list<Violation> $broken
     *
     * @return iterable<Mended>
     */
    private function candidates(string $id, array $broken): iterable
    {
        if (null !== $broken[0]->remedy?->bond) {
            yield new Mended($this->rework->tidied($this->rework->steps, [$id]), Message::of('It now waits as long as it must.'));
        }
        if (null !== $broken[0]->remedy?->first) {
            yield $this->supported($id, $broken);
        }
        yield from $this->elsewhere($id);
        yield $this->without($id, $broken);
    }

    /**
     * What the step asks for first, what that asks for in turn, and what the step asks for after it.
     *
     * @param non-empty-list<Violation> $broken
     */
    private function supported(string $id, array $broken): Mended
    {
        $rework = $this->rework;
        $put = [];
        $before = $id;
        for ($depth = 0; $depth < self::DEPTH && [] !== $broken; ++$depth) {
            $asked = $broken[0]->remedy?->first;
            if (null === $asked) {
                break;
            }
            $on = [];
            foreach ($broken as $violation) {
                foreach ($violation->remedy?->first?->what() === $asked->what() ? $violation->remedy->first->on : [] as $place) {
                    $on[$place->key] = $place;
                }
            }
            $rework = $rework->added($asked->onto(array_values($on)), $before);
            $step = $rework->steps[$rework->position($before) - 1];
            array_unshift($put, $step);
            $rework = $rework->tidied($rework->steps, [$step->id, $id]);
            $faults = array_filter($rework->faults(), static fn (Violation $v): bool => null !== $v->remedy?->first);
            $before = $step->id;
            $broken = array_values(array_filter($faults, static fn (Violation $v): bool => $v->step === $before));
            if ([] === $broken) {
                $before = $id;
                $broken = array_values(array_filter($faults, static fn (Violation $v): bool => $v->step === $id));
            }
        }

        return new Mended($rework, Message::of('Put in before it: ').Phrase::list(array_map(self::told(...), $put)).'.');
    }

    /** @return iterable<Mended> at the nearest places first */
    private function elsewhere(string $id): iterable
    {
        $steps = $this->rework->steps;
        $at = $this->rework->position($id);
        for ($distance = 1; $distance <= self::REACH; ++$distance) {
            foreach ([$at - $distance, $at + $distance + 1] as $to) {
                if ($to >= 0 && $to <= \count($steps)) {
                    $moved = $this->rework->moved($id, isset($steps[$to]) ? $steps[$to]->id : null);
                    yield new Mended(
                        $moved,
                        isset($steps[$to]) ? Message::of('Moved: it now comes before “%s”.', self::told($steps[$to])) : Message::of(
                            'Moved: it now comes last.',
                        ),
                    );
                }
            }
        }
    }

    /** @param non-empty-list<Violation> $broken */
    private function without(string $id, array $broken): Mended
    {
        $step = $this->rework->step($id);
        $gone = [];
        foreach ($broken as $violation) {
            foreach (null === $violation->at ? $step->on : [$violation->at] as $place) {
                $gone[$place->key] = $place->part->label();
            }
        }
        $left = array_values(array_filter($step->on, static fn (Place $p): bool => !isset($gone[$p->key])));
        if ([] === $left) {
            return new Mended($this->rework->dropped($id), Message::of('Left out.'));
        }
        $steps = array_map(static fn (Step $s): Step => $s->id === $id ? $s->onto($left) : $s, $this->rework->steps);

        return new Mended($this->rework->tidied($steps, [$id]), Message::of('Left out on the %s.', Phrase::list(array_values(array_unique($gone)))));
    }

    private static function told(Step $step): string
    {
        return Message::of('%s on the %s', $step->family?->label() ?? $step->action->label(), PlaceWords::parts($step->on));
    }
}
