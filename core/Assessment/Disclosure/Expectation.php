<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment\Disclosure;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\PlaceWords;
use KindHeel\Core\Text\Phrase;

/** What the owner is promised of a kind of finding, in a sentence that can be read out (J-5: only what stays promised stays true). */
final readonly class Expectation
{
    public string $sentence;

    /**
     * @param Finding               $finding the worst of those that are meant
     * @param non-empty-list<Place> $places  where they are
     * @param string                $tail    what will become of them: “will be gone.”
     * @param string                $rule    behind it
     */
    public function __construct(public Finding $finding, public Prospect $prospect, public array $places, public string $tail, public string $rule, Piece $of)
    {
        $this->sentence = Phrase::sentence('%s on the %s %s', $finding->kind->noun(), PlaceWords::at($places, $of), $tail);
    }

    /**
     * The same on several parts is said once.
     *
     * @param list<self> $expectations
     *
     * @return list<self>
     */
    public static function together(array $expectations, Piece $of): array
    {
        $said = [];
        foreach ($expectations as $told) {
            $halves = array_unique(array_map(static fn (Place $p): string => $p->half->value, $told->places));
            sort($halves);
            $key = implode('/', [$told->finding->kind->value, $told->prospect->value, $told->rule, $told->tail, ...$halves]);
            $known = $said[$key] ?? null;
            $said[$key] = null === $known ? $told : new self(
                $told->finding->severity->value > $known->finding->severity->value ? $told->finding : $known->finding,
                $told->prospect,
                [...$known->places, ...$told->places],
                $told->tail,
                $told->rule,
                $of,
            );
        }

        return array_values($said);
    }
}
