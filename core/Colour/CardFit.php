<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/**
 * Corrects the colours of a picture by a card in it: a grey gives the white balance, a card of several colours a fitted 3 × 3 correction of linear light as
 * well (least squares, drawn towards the white balance so that few patches do no harm).
 */
final readonly class CardFit
{
    /** With fewer patches only the white balance is trusted. */
    private const PATCHES_FOR_A_FIT = 6;
    private const RIDGE = 0.02;
    /** What a white balance alone leaves open, in ΔE00: a camera sees colours its own way. */
    private const DOUBT_OF_A_GREY = 6.0;
    private const LEAST_DOUBT = 1.5;
    /** Taps that fit no better than this are not on the card. */
    private const NO_CARD = 15.0;
    private const DARKEST = 0.004;
    private const BURNT = 0.985;
    /** One channel needs so much more than another under a plainly coloured light: a lamp, a green wall. */
    private const CAST = 1.8;

    /**
     * @param list<list<float>> $matrix rows give red, green and blue light
     * @param float             $doubt  ΔE00 that a colour may be off: what patches miss that were left out of the fit, and what a cast costs
     * @param float             $cast   how much stronger the light is in one colour than in another
     */
    private function __construct(private array $matrix, public float $doubt, public float $cast = 1.0)
    {
    }

    /**
     * @param list<array{list<float>, Lab}> $patches encoded red, green and blue 0–1 as the picture has them, and what the patch really is
     *
     * @throws ColourError without a patch, or where the taps cannot be on a card
     */
    public static function of(array $patches): self
    {
        if ([] === $patches) {
            throw new ColourError(Message::of(
                'Without a card in the picture its colours mean nothing. Lay a grey or the card beside the leather and take it again.',
            ));
        }
        $light = Light::daylight();
        $seen = $known = [];
        foreach ($patches as [$rgb, $lab]) {
            if (max($rgb[0], $rgb[1], $rgb[2]) > self::BURNT) {
                throw new ColourError(Message::of('A patch of the card is burnt out: take the picture darker, without a reflection.'));
            }
            $seen[] = array_map(Srgb::decoded(...), $rgb);
            $known[] = $light->srgb($lab)->linear;
        }
        $balance = self::balance($seen, $known);
        $gains = [$balance[0][0], $balance[1][1], $balance[2][2]];
        $cast = max($gains) / min($gains);
        if (\count($patches) < self::PATCHES_FOR_A_FIT) {
            return new self($balance, self::DOUBT_OF_A_GREY * self::costs($cast), $cast);
        }
        $missed = 0.0;
        foreach ($patches as $out => [$rgb, $lab]) {
            $rest = array_values(array_diff(array_keys($patches), [$out]));
            $fit = new self(
                self::fit(array_map(static fn (int $i): array => $seen[$i], $rest), array_map(static fn (int $i): array => $known[$i], $rest), $balance),
                0.0,
            );
            $missed += Difference::ciede2000($lab, $fit->lab($rgb)) / \count($patches);
        }
        if ($missed > self::NO_CARD) {
            throw new ColourError(Message::of('These taps do not look like the card. Tap its patches in their order.'));
        }

        return new self(self::fit($seen, $known, $balance), max(self::LEAST_DOUBT, $missed) * self::costs($cast), $cast);
    }

    /** The light is so coloured that it has to be said. */
    public function hasCast(): bool
    {
        return $this->cast > self::CAST;
    }

    /** A channel that is hardly lit is known only roughly. */
    private static function costs(float $cast): float
    {
        return max(1.0, sqrt($cast / self::CAST));
    }

    /** @param list<float> $rgb encoded, 0–1 */
    public function lab(array $rgb): Lab
    {
        $in = array_map(Srgb::decoded(...), $rgb);
        $out = array_map(static fn (array $row): float => max(0.0, $row[0] * $in[0] + $row[1] * $in[1] + $row[2] * $in[2]), $this->matrix);

        return Srgb::xyz($out[0], $out[1], $out[2])->toLab(Srgb::white());
    }

    /**
     * One gain a channel, from the patches that are greyest.
     *
     * @param list<list<float>> $seen
     * @param list<list<float>> $known
     *
     * @return list<list<float>>
     */
    private static function balance(array $seen, array $known): array
    {
        $colourful = array_map(
            static fn (array $rgb): float => (max($rgb[0], $rgb[1], $rgb[2]) - min($rgb[0], $rgb[1], $rgb[2])) / max(self::DARKEST, $rgb[0], $rgb[1], $rgb[2]),
            $known,
        );
        $greyest = min(\INF, ...$colourful) + 0.1;
        $gains = [];
        foreach ([0, 1, 2] as $c) {
            $above = $below = 0.0;
            foreach ($seen as $i => $rgb) {
                if ($colourful[$i] <= $greyest) {
                    $above += $rgb[$c] * $known[$i][$c];
                    $below += $rgb[$c] ** 2;
                }
            }
            if ($below < self::DARKEST ** 2) {
                throw new ColourError(Message::of('The card is too dark in this picture: take it in more light.'));
            }
            $gains[] = array_map(static fn (int $d): float => $d === $c ? $above / $below : 0.0, [0, 1, 2]);
        }

        return $gains;
    }

    /**
     * @param list<list<float>> $seen
     * @param list<list<float>> $known
     * @param list<list<float>> $balance
     *
     * @return list<list<float>>
     */
    private static function fit(array $seen, array $known, array $balance): array
    {
        $rows = [];
        foreach ([0, 1, 2] as $c) {
            $normal = array_fill(0, 3, array_fill(0, 3, 0.0));
            $right = [0.0, 0.0, 0.0];
            foreach ($seen as $i => $rgb) {
                foreach ([0, 1, 2] as $a) {
                    $right[$a] += $rgb[$a] * $known[$i][$c];
                    foreach ([0, 1, 2] as $b) {
                        $normal[$a][$b] += $rgb[$a] * $rgb[$b];
                    }
                }
            }
            $ridge = self::RIDGE * ($normal[0][0] + $normal[1][1] + $normal[2][2]) / 3.0;
            foreach ([0, 1, 2] as $a) {
                $normal[$a][$a] += $ridge;
                $right[$a] += $ridge * $balance[$c][$a];
            }
            $rows[] = Linear::solve($normal, $right) ?? $balance[$c];
        }

        return $rows;
    }
}
