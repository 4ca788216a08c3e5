<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/** What still changes the plan: every part that is not known is planned for each material that it may well be. */
final class OpenQuestions
{
    /** What is rarer than this is not planned for. */
    private const WELL_POSSIBLE = 0.10;
    private const MOST_PLANS = 4;

    /** @return list<OpenQuestion> those that change the plan first */
    public static function of(Piece $piece, Air $air): array
    {
        $questions = [];
        $idle = [];
        foreach (self::alike($piece) as $places) {
            $plans = self::plans($piece, $places, $air);
            if (\count($plans) < 2) {
                array_push($idle, ...$places);
                continue;
            }
            $trial = $piece->nextTrialAt($places[0])?->trial;
            $questions[] = new OpenQuestion($places, \count($plans), $trial, self::sentence($piece, $places, \count($plans), $trial?->label()));
        }
        usort($questions, static fn (OpenQuestion $a, OpenQuestion $b): int => $b->plans <=> $a->plans);

        return [] === $idle ? $questions : [...$questions, new OpenQuestion($idle, 1, null, self::idle($piece, $idle))];
    }

    /**
     * Parts of which the same is believed are one question.
     *
     * @return list<non-empty-list<Place>>
     */
    private static function alike(Piece $piece): array
    {
        $groups = [];
        foreach ($piece->parts as $part) {
            if (Certainty::Known !== $part->certainty && self::matters($part)) {
                $groups[
                    $part->material->value.'/'.$part->certainty->value.'/'.implode(',', array_column(self::candidates($piece, $part->at), 'value'))
                ][] = $part->at;
            }
        }

        return array_values($groups);
    }

    /** Laces and linings are what they look like; of what is seen first and of the cut edges it matters. */
    private static function matters(Part $part): bool
    {
        return $part->at->part->isOuter() || $part->at->part->isEdge() || $part->at->part->isInside();
    }

    /** @return non-empty-list<Material> */
    private static function candidates(Piece $piece, Place $at): array
    {
        $believed = $piece->part($at)->material ?? $piece->beliefAt($at)->likeliest();
        $others = array_filter($piece->beliefAt($at)->atLeast(self::WELL_POSSIBLE), static fn (Material $m): bool => $m !== $believed);

        return [$believed, ...\array_slice(array_values($others), 0, self::MOST_PLANS - 1)];
    }

    /**
     * @param non-empty-list<Place> $places
     *
     * @return array<string, true> different plans by what they do
     */
    private static function plans(Piece $piece, array $places, Air $air): array
    {
        $plans = [];
        foreach (self::candidates($piece, $places[0]) as $material) {
            try {
                $plan = Planner::plan($piece->were($places, $material), $air);
            } catch (FieldError) {
                continue;
            }
            $done = array_map(
                static fn (PlannedStep $s): string => $s->step->action->value.' '.$s->step->family?->value.' '
                    .implode(',', array_map(strval(...), $s->step->on)),
                $plan->steps,
            );
            $plans[hash('xxh128', implode("\n", $done))] = true;
        }

        return $plans;
    }

    /** @param non-empty-list<Place> $places */
    private static function idle(Piece $piece, array $places): string
    {
        [$names, $are] = self::names($piece, $places);

        return Phrase::sentence('What the %s %s made of is not certain, but nothing in the plan depends on it.', $names, $are);
    }

    /** @param non-empty-list<Place> $places */
    private static function sentence(Piece $piece, array $places, int $plans, ?string $trial): string
    {
        [$names] = self::names($piece, $places);

        return null === $trial
            ? Phrase::sentence('The %s may still be planned in %d ways, and no trial is worth its risk: the gentlest is taken.', $names, $plans)
            : Phrase::sentence('Try the %s with a %s: %d plans are still possible.', $names, preg_replace('/^an? /', '', $trial) ?? $trial, $plans);
    }

    /**
     * What places are called, each part once; “upper” only where it is all of it.
     *
     * @param non-empty-list<Place> $places
     *
     * @return array{string, string} names, and whether they are one: “is” or “are”
     */
    private static function names(Piece $piece, array $places): array
    {
        $parts = [];
        foreach ($places as $place) {
            $parts[$place->part->value] = $place->part;
        }
        $outer = array_filter($piece->kind->parts(), static fn (PartName $p): bool => $p->isOuter());
        $whole = \count($outer) > 1 && [] === array_filter($outer, static fn (PartName $p): bool => !isset($parts[$p->value]));
        $names = array_map(static fn (PartName $p): string => $p->label(), array_filter($parts, static fn (PartName $p): bool => !$whole || !$p->isOuter()));
        $names = $whole ? [$piece->kind->outer(), ...array_values($names)] : array_values($names);
        $one = 1 === \count($names) && ($whole || !$places[0]->part->isPlural());

        return [Phrase::list($names), $one ? Message::of('is') : Message::of('are')];
    }
}
