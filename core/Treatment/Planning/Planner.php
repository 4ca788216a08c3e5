<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\Need\Brief;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\Violation;
use KindHeel\Core\Treatment\Wish\Wishes;

/**
 * Makes a plan by asking the same rules that check one.
 *
 * Needs come first. Each is put before the rules in the state that the steps so far have left; what a rule asks for
 * – a step before it, a bond to one that is there – is added until no rule has anything to say; what a rule forbids is
 * refused, on the parts where it does. The whole is checked once more, and what only then shows is refused as well:
 * so the checker cannot fault what comes out.
 */
final class Planner
{
    /** A plan that is still faulted after so many rounds of refusing shows two rules that ask for each other. */
    private const ROUNDS = 40;

    /**
     * Once work has begun what was done stays, what it left is worked with, and what is met is not done again.
     *
     * @param Air        $air  the workshop's usual air, for the waits
     * @param list<Need> $done in the order in which they were done, under their names
     */
    public static function plan(Piece $piece, Air $air, ?Wishes $wishes = null, array $done = []): Plan
    {
        $wishes ??= Wishes::none();
        $done = self::boundAmongThemselves($done);
        $remarks = new Remarks($piece, $wishes);
        if ($remarks->isReferredWhole()) {
            $steps = (new PlanAssembler($piece, $air, $wishes))->steps($done);

            return Plan::none($remarks->referrals(), $remarks->tellOwner([], $remarks->expectations([], [])), $steps);
        }
        if (Aim::ReadyFast === $piece->agreed->aim && null !== $wishes->readyInMinutes) {
            return ReadyFast::plan($piece, $air, $wishes, $done);
        }

        return self::sound($piece, $air, $wishes, $done);
    }

    /**
     * What was done waits for nothing that was not done before it: a step that was opened again is planned anew, perhaps under the same name.
     *
     * @param list<Need> $done
     *
     * @return list<Need>
     */
    private static function boundAmongThemselves(array $done): array
    {
        $earlier = [];
        $bound = [];
        foreach ($done as $need) {
            $bound[] = $need->with($need->step->bonds(array_values(array_filter(
                $need->step->after,
                static fn (After $bond): bool => isset($earlier[$bond->step]),
            ))));
            $earlier[$need->step->id] = true;
        }

        return $bound;
    }

    /**
     * A plan without regard to the hour.
     *
     * @param list<Need> $done
     */
    public static function sound(Piece $piece, Air $air, Wishes $wishes, array $done = []): Plan
    {
        $brief = new Brief($piece, $wishes);
        $banned = [];
        $refused = [];
        $idle = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $sequencer = Sequencer::of($brief, $banned, $refused, $done, $idle);
            $inVain = array_diff_key(array_fill_keys($sequencer->idle(), true), $idle);
            if ([] !== $inVain) {
                $idle += $inVain;
                continue;
            }
            $faults = self::open(Checker::standard()->check($piece, $sequencer->steps()), $sequencer, $done);
            if ([] === $faults) {
                return (new PlanAssembler($piece, $air, $wishes))->plan($sequencer, new Remarks($piece, $wishes), $done);
            }
            $before = \count($banned);
            foreach ($faults as $fault) {
                $step = $sequencer->step($fault->step);
                $what = $fault->blames->value ?? $step->what();
                if (null === $fault->blames && \in_array($step->action, [Action::HandOver, Action::Photograph, Action::TakeApart], true)) {
                    continue;
                }
                foreach (null === $fault->at ? $step->on : [$fault->at] as $place) {
                    if (!isset($banned[$what.'@'.$place->key])) {
                        $banned[$what.'@'.$place->key] = true;
                        $refused[] = new Refusal($place, $what, $fault->rule, $fault->message);
                    }
                }
            }
            if (\count($banned) === $before) {
                throw new \LogicException(
                    \sprintf('%s cannot be kept on %s: %s', $faults[0]->rule, $sequencer->step($faults[0]->step)->what(), $faults[0]->message),
                );
            }
        }

        throw new \LogicException('Two rules ask for each other.');
    }

    /**
     * What is done is done: only what is still to come can be planned otherwise.
     *
     * @param list<Violation> $faults
     * @param list<Need>      $done
     *
     * @return list<Violation>
     */
    private static function open(array $faults, Sequencer $sequencer, array $done): array
    {
        $worked = array_flip(array_map(static fn (Need $w): string => $w->step->id, $done));

        return array_values(array_filter($faults, static function (Violation $fault) use ($worked, $sequencer): bool {
            if (isset($worked[$fault->step]) || null === $fault->blames || null === $fault->at) {
                return !isset($worked[$fault->step]);
            }
            foreach ($sequencer->steps() as $step) {
                if ($step->family === $fault->blames && $step->touches($fault->at) && !isset($worked[$step->id])) {
                    return true;
                }
            }

            return false;
        }));
    }
}
