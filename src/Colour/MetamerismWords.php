<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\DifferenceWords;
use KindHeel\Core\Colour\Illuminant;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Recipe\Target;
use KindHeel\Core\Colour\Spectrum;

/** Says where a match goes wrong: “matches by day, greener under the tube”. */
final class MetamerismWords
{
    private const MATCHES = 1.0;

    public function of(Target $target, Spectrum $look): string
    {
        $day = Light::of(Illuminant::D65);
        $here = Difference::ciede2000($day->lab($target->spectrum), $day->lab($look));
        $worst = $target->worst($look);
        if (null === $worst) {
            return '';
        }
        $light = Light::of($worst->illuminant);
        $words = DifferenceWords::of($light->lab($target->spectrum), $light->lab($look))->compared();

        return match (true) {
            $worst->dE00 <= self::MATCHES => 'Matches under every light.',
            $here <= self::MATCHES => \sprintf('Matches by day; %s under the %s.', $words, $worst->illuminant->label()),
            default => \sprintf('Worst under the %s: %s.', $worst->illuminant->label(), $words),
        };
    }
}
