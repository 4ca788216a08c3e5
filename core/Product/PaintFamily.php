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
                'Stipple the spot, '.$name.$how->coatOf(),
                'Thickened a little, with the point of the brush or bud, strong on the scar and thinner outward; grain is stippled back.'.$how->warmAir(),
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
}
