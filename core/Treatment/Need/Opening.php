<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
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
        $colouring = new Colouring($this->brief);
        $off = Brief::places(array_filter($parts, static fn (Part $p): bool => $p->at->part->isDetachable()));
        $read = Brief::places(array_filter(
            $parts,
            fn (Part $p): bool => ($p->at->part->isOuter() || $this->brief->isRecoloured($p))
                && (null !== $colouring->family($p) || null !== $colouring->touch($p)),
        ));
        $needs = [];
        if ([] !== $off) {
            $needs[] = new Need(Step::act(Phase::TakeApart, Action::TakeApart, $off), Rank::TAKE_APART, Message::of(
                'What comes off is treated apart, or not at all.',
            ), [
                'O-2',
                'S-3',
            ]);
        }
        $needs[] = new Need(
            Step::act(Phase::Record, Action::Photograph, Brief::places($parts)),
            Rank::RECORD,
            Message::of('How it came in is kept before anything is wet: it cannot be pictured so again.'),
            ['O-1'],
        );
        if ([] !== $read) {
            $needs[] = new Need(
                Step::act(Phase::Record, Action::ReadColour, $read),
                Rank::READ_COLOUR,
                $this->brief->hasNewColour($read)
                    ? Message::of('Coats are counted over what is there; the new colours are mixed before the hour after degreasing runs.')
                    : Message::of('Colour is matched to what was there: read it where it has not faded, before anything is wet.'),
                ['O-1'],
            );
        }

        return $needs;
    }

    /** @return list<Need> */
    public function ending(): array
    {
        $piece = $this->brief->piece;
        $colouring = new Colouring($this->brief);
        $coloured = Brief::places(array_filter(
            $piece->parts,
            fn (Part $p): bool => ($p->at->part->isOuter() || $this->brief->isRecoloured($p)) && null !== $colouring->family($p),
        ));
        $treed = $piece->kind->family()->isFootwear()
            ? Brief::places(array_filter($piece->parts, static fn (Part $p): bool => $p->at->part->isOuter() && !$p->at->part->isDetachable()))
            : [];
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
                Message::of('What was taken off goes back last, ticked off the list.'),
                ['O-28', 'S-3'],
            );
        }
        if ([] !== $lost) {
            $needs[] = new Need(Step::act(Phase::Shape, Action::Shape, $lost), Rank::SHAPE, Message::of(
                'It takes the shape in which it comes to rest.',
            ), ['O-29']);
        }
        if ([] !== $treed) {
            $needs[] = new Need(Step::act(Phase::Shape, Action::TreeOut, $treed), Rank::TREE_OUT, Message::of(
                'Insoles and laces go in once the trees are out.',
            ), ['O-28']);
        }
        if ([] !== $coloured) {
            $needs[] = new Need(
                Step::act(Phase::HandOver, Action::ReadColour, $coloured, 2, 2),
                Rank::CLOSING_COLOUR,
                Message::of('How close the colour came is read where it was read before, dry and finished.'),
                ['S-1'],
            );
        }
        $needs[] = new Need(
            Step::act(Phase::HandOver, Action::Photograph, $everything, 2, 2),
            Rank::CLOSING_PICTURES,
            Message::of('How it leaves is kept beside how it came in.'),
            ['O-1'],
        );
        $needs[] = new Need(
            Step::act(Phase::HandOver, Action::HandOver, $everything),
            Rank::HAND_OVER,
            $piece->kind->isPair()
                ? Message::of('The pair is looked at side by side, in the light it will be seen in.')
                : Message::of('It is looked at all round, in the light it will be seen in.'),
            $piece->kind->isPair() ? ['O-29', 'S-1'] : ['O-29'],
        );

        return $needs;
    }
}
