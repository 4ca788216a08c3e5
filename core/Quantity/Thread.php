<?php

declare(strict_types=1);

namespace KindHeel\Core\Quantity;

/** Thread for a saddle stitch by hand, with two needles (Q-5). */
final readonly class Thread
{
    /** What pulling tight, knots and a needle's eye cost. */
    private const SLACK = 1.15;
    private const TAIL_MM = 200.0;

    private function __construct(public int $stitches, public float $mm)
    {
    }

    /**
     * 2 × (seam + stitches × thickness) × 1.15 + 2 × tail.
     *
     * @param float $seamMm      with the sound stitches that are overlapped
     * @param float $stitchMm    length of one
     * @param float $thicknessMm of what is sewn
     * @param float $tailMm      left at each end to hold
     */
    public static function for(float $seamMm, float $stitchMm, float $thicknessMm, float $tailMm = self::TAIL_MM): self
    {
        $stitches = RoundUp::whole($seamMm / $stitchMm);

        return new self($stitches, 2.0 * ($seamMm + $stitches * $thicknessMm) * self::SLACK + 2.0 * $tailMm);
    }
}
