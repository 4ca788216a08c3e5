<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

use KindHeel\Core\Text\Message;

/** What the dyes share: how transparent colour is laid. */
abstract class DyeFamily extends Family
{
    public function instruction(Laying $how): Instruction
    {
        $name = $how->named(Message::of('the new colour’s')).' '.$this->label.$how->coatOf();

        return match (true) {
            $how->isSpot() => new Instruction(
                Message::of('Bring the spot up with ').$name,
                Message::of('A small bud, touched on a rag first: strong in the middle, thinner outward, stopped short of the rim. More can always be added.'),
                Message::of('Dry: it stands a shade below its surroundings.'),
                3.0,
                4.0,
            ),
            $how->by->sprays() => new Instruction(
                Message::of('Spray ').$name,
                Message::of('Nap brushed one way; thin fog from 20–30 cm, moving, along the nap and again across; never wet.'),
                Message::of('Dry: a white cloth takes nothing but dust.'),
                2.0,
                0.8,
            ),
            default => new Instruction(
                Message::of('Dye, ').$name,
                (Applicator::Dauber === $how->by
                    ? Message::of('Dauber loaded and taken off again on a rag; drawn along the length in one go, edge to edge, the wet end never left.')
                    : Message::of('Loaded and taken off again on a rag; circles with the wet edge kept, up to a seam, over and over until the streaks close.'))
                    .$how->alongTheLine().$how->onPurpose(),
                Message::of('Dry, even, no wet shine.'),
                2.0,
                1.2,
            ),
        };
    }
}
