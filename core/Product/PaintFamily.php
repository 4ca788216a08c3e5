<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/** What the paints share: how opaque colour is laid, over a part or on a spot. */
abstract class PaintFamily extends Family
{
    private const GATE = 'No tack on the back of a gloved finger.';

    public function instruction(Laying $how): Instruction
    {
        $name = $how->named('the new colour');

        return match (true) {
            $how->isSpot() => new Instruction(
                (Mark::Line === $how->on ? 'Touch in the line, ' : 'Stipple the spot, ').$name.$how->coatOf(),
                self::touch($how).$how->warmAir(),
                'No tack, and it lies level.',
                3.0,
                4.0,
            ),
            Phase::Base === $how->phase => new Instruction(
                'Lay a white base',
                $how->filmStroke().' One even, thin coat; it need not cover.'.$how->warmAir(),
                self::GATE,
                $how->setUp(2.0),
                1.9,
            ),
            default => new Instruction(
                'Paint, '.$name.$how->coatOf(),
                $how->filmStroke().$how->warmAir(),
                self::GATE,
                $how->setUp(2.0),
                1.9
            ),
        };
    }

    private static function touch(Laying $how): string
    {
        return match (true) {
            Mark::Line === $how->on => 'Thin paint alone, drawn along the line with the tip of a fine brush; what runs over is wiped off beside it at once.',
            Mark::Scrape === $how->on && 1 === $how->coat => 'Thickened with a pinch of filler powder, so that it levels the scrape; with the point of the '
                .'brush or bud, strong on the scar and thinner outward.',
            default => 'Thin, with the point of the brush or bud, strong on the scar and thinner outward; the last touch spattered or stippled, so that the '
                .'grain comes back.',
        };
    }
}
