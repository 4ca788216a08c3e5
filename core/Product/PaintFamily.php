<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

use KindHeel\Core\Text\Message;

/** What the paints share: how opaque colour is laid, over a part or on a spot. */
abstract class PaintFamily extends Family
{
    private const GATE = 'No tack on the back of a gloved finger.';

    public function instruction(Laying $how): Instruction
    {
        $name = $how->named(Message::of('the new colour'));

        return match (true) {
            $how->isSpot() => new Instruction(
                (Mark::Line === $how->on ? Message::of('Touch in the line, ') : Message::of('Stipple the spot, ')).$name.$how->coatOf(),
                self::touch($how).$how->warmAir(),
                Message::of('No tack, and it lies level.'),
                3.0,
                4.0,
            ),
            Phase::Base === $how->phase => new Instruction(
                Message::of('Lay a white base'),
                $how->filmStroke().Message::of(' One even, thin coat; it need not cover.').$how->warmAir(),
                Message::of(self::GATE),
                $how->setUp(2.0),
                1.9,
            ),
            default => new Instruction(
                Message::of('Paint, ').$name.$how->coatOf(),
                $how->filmStroke().$how->warmAir(),
                Message::of(self::GATE),
                $how->setUp(2.0),
                1.9
            ),
        };
    }

    private static function touch(Laying $how): string
    {
        return match (true) {
            Mark::Line === $how->on => Message::of(
                'Thin paint alone, drawn along the line with the tip of a fine brush; what runs over is wiped off beside it at once.',
            ),
            Mark::Scrape === $how->on && 1 === $how->coat => Message::of(
                'Thickened with a pinch of filler powder, so that it levels the scrape; with the point of the ',
            )
                .Message::of('brush or bud, strong on the scar and thinner outward.'),
            default => Message::of(
                'Thin, with the point of the brush or bud, strong on the scar and thinner outward; the last touch spattered or stippled, so that the ',
            )
                .Message::of('grain comes back.'),
        };
    }
}
