<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\DifferenceWords;
use KindHeel\Core\Colour\Illuminant;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Text\Message;

/** Says under which light a match goes wrong: “matches by day; greener under the tube”. */
final class LightWords
{
    private const MATCHES = 1.0;

    public static function of(Target $target, Spectrum $look): string
    {
        $worst = $target->worst($look);
        if (null === $worst) {
            return '';
        }
        $day = Light::of(Illuminant::D65);
        $here = Difference::ciede2000($day->lab($target->spectrum), $day->lab($look));
        $light = Light::of($worst->illuminant);
        $words = DifferenceWords::of($light->lab($target->spectrum), $light->lab($look))->compared();

        return match (true) {
            $worst->dE00 <= self::MATCHES => Message::of('Matches under every light.'),
            $here <= self::MATCHES => Message::of('Matches by day; %s under the %s.', $words, $worst->illuminant->label()),
            default => Message::of('Worst under the %s: %s.', $worst->illuminant->label(), $words),
        };
    }
}
