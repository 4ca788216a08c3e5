<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;

/** What comes before everything: apart, pictures, readings. */
final readonly class Opening
{
    public function __construct(private Brief $brief)
    {
    }

    /** @return list<Need> */
    public function needs(): array
    {
        $parts = $this->brief->piece->parts;
        $off = Brief::places(array_filter($parts, static fn (Part $p): bool => $p->at->part->isDetachable()));
        $read = Brief::places(array_filter($parts, fn (Part $p): bool => $p->at->part->isOuter() && $this->brief->rebuilds($p) && $p->material->isLeather()));
        $needs = [];
        if ([] !== $off) {
            $needs[] = new Need(Step::act(Phase::TakeApart, Action::TakeApart, $off), Rank::TAKE_APART, 'What comes off is treated apart, or not at all.', [
                'O-2',
                'S-3',
            ]);
        }
        $needs[] = new Need(
            Step::act(Phase::Record, Action::Photograph, Brief::places($parts)),
            Rank::RECORD,
            'How it came in is kept before anything is touched.',
            ['O-1'],
        );
        if ([] !== $read) {
            $needs[] = new Need(
                Step::act(Phase::Record, Action::ReadColour, $read),
                Rank::READ_COLOUR,
                'Colour is matched to what was there: read it where it has not faded, before anything is wet.',
                ['O-1'],
            );
        }

        return $needs;
    }

    /** @return list<Need> */
    public function ending(): array
    {
        $piece = $this->brief->piece;
        $everything = Brief::places($piece->parts);
        $off = array_values(array_filter($everything, static fn (Place $p): bool => $p->part->isDetachable()));
        $lost = array_values(
            array_filter($everything, fn (Place $p): bool => $p->part->isOuter() && $this->brief->worst($p, FindingKind::ShapeLost, FindingKind::Crease) > 0),
        );
        $needs = [];
        if ([] !== $off) {
            $needs[] = new Need(
                Step::act(Phase::PutTogether, Action::PutTogether, $off),
                Rank::TOGETHER,
                'What was taken off goes back last, ticked off the list.',
                ['O-28', 'S-3'],
            );
        }
        if ([] !== $lost) {
            $needs[] = new Need(Step::act(Phase::Shape, Action::Shape, $lost), Rank::SHAPE, 'It takes the shape in which it comes to rest.', ['O-29']);
        }
        $needs[] = new Need(
            Step::act(Phase::HandOver, Action::HandOver, $everything),
            Rank::HAND_OVER,
            $piece->kind->isPair()
                ? 'The pair is looked at side by side, in the light it will be seen in.'
                : 'It is looked at all round, in the light it will be seen in.',
            $piece->kind->isPair() ? ['O-29', 'S-1'] : ['O-29'],
        );

        return $needs;
    }
}
