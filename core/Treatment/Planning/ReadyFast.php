<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\Wish\Wishes;

/** The best plan that is dry by a given hour: what cannot be is left out, the dearest in time and least missed first (J-8). */
final class ReadyFast
{
    /** What is missed least goes first. */
    private const DISPENSABLE = [
        Phase::Protect, Phase::Shape, Phase::Condition, Phase::Edges, Phase::Polish, Phase::Seal, Phase::Colour, Phase::Base, Phase::Fill, Phase::Strip,
        Phase::Repair, Phase::Clean, Phase::DryClean, Phase::TakeApart, Phase::PutTogether, Phase::Record, Phase::HandOver,
    ];

    /** Nothing is left half done. */
    private const ENDS_WHAT_WAS_BEGUN = [
        Action::Photograph, Action::HandOver, Action::Unmask, Action::RaiseNap, Action::RubOff, Action::TreeOut, Action::Unclamp, Action::PutTogether,
    ];

    /** @param list<Need> $done what cannot be left out any more */
    public static function plan(Piece $piece, Air $air, Wishes $wishes, array $done = []): Plan
    {
        $minutes = $wishes->readyInMinutes ?? 0.0;
        $full = $plan = Planner::sound($piece, $air, $wishes, $done);
        $times = new DryingTimes($air);
        $out = [];
        foreach ($plan->steps as $step) {
            if (null !== $step->step->family && $times->full($step->step->family) > $minutes) {
                $out[] = $step->step->family->value;
            }
        }
        while (true) {
            if ([] !== $out) {
                $wishes = $wishes->without(...$out);
                $plan = Planner::sound($piece, $air, $wishes, $done);
            }
            if ($plan->elapsedMinutes <= $minutes || \count($plan->steps) === \count($done)) {
                return $plan->leavingOut(self::missing($full, $plan));
            }
            $out = self::next($plan, $times, $wishes);
            if ([] === $out) {
                $kept = Plan::none($plan->referrals, $plan->tellOwner, \array_slice($plan->steps, 0, \count($done)));

                return $kept->leavingOut(self::missing($full, $kept));
            }
        }
    }

    /** @return list<string> what goes next: of the phase that is missed least, what takes longest to come to rest */
    private static function next(Plan $plan, DryingTimes $times, Wishes $wishes): array
    {
        foreach (self::DISPENSABLE as $phase) {
            $longest = null;
            $most = -1.0;
            foreach ($plan->steps as $planned) {
                $step = $planned->step;
                if (
                    $step->phase !== $phase
                    || $wishes->leavesOut($step->what())
                    || \in_array($step->action, self::ENDS_WHAT_WAS_BEGUN, true)
                ) {
                    continue;
                }
                $takes = null === $step->family ? $planned->minutes / 1000.0 : $times->full($step->family);
                // Of two that take as long the later goes: cream brings the colour back, wax only covers it.
                if ($takes >= $most) {
                    [$longest, $most] = [$step->what(), $takes];
                }
            }
            if (null !== $longest) {
                return [$longest];
            }
        }

        return [];
    }

    /** @return list<Dropped> */
    private static function missing(Plan $full, Plan $kept): array
    {
        $there = [];
        foreach ($kept->steps as $planned) {
            $there[$planned->step->what()] = true;
        }
        $missing = [];
        foreach ($full->steps as $planned) {
            $step = $planned->step;
            if (isset($there[$step->what()]) || \in_array($step->action, [Action::Trial, Action::Mask, Action::Unmask, Action::RubOff, Action::Buff], true)) {
                continue;
            }
            foreach ($step->on as $place) {
                $missing[$step->what()][$place->key] = $place;
            }
        }
        $dropped = [];
        foreach ($missing as $what => $places) {
            $dropped[] = self::dropped($what, array_values($places));
        }

        return $dropped;
    }

    /** @param list<Place> $on */
    private static function dropped(string $what, array $on): Dropped
    {
        $family = FamilyId::tryFrom($what);
        $label = $family?->label() ?? Action::from($what)->label();

        return new Dropped($what, $on, 'J-8', null === $family || !Family::of($family)->dries()
            ? Message::of('No %s: there is no time for it.', $label)
            : Message::of('No %s: it cannot come to rest by then.', $label), null === $family ? Message::of(
                'It is left for another time.',
            ) : Family::of($family)->leftOut);
    }
}
