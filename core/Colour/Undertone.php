<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/** What a paint does at its edge: its tint with white, where a black shows that it leans blue. */
final readonly class Undertone
{
    private const WHITES = 9;
    private const LEANS = 1.5;

    private function __construct(public Lab $masstone, public Lab $tint, public string $words)
    {
    }

    public static function of(Paint $paint, Paint $white): self
    {
        $light = Light::daylight();
        $full = $light->lab(Mixture::of(['it' => $paint], ['it' => 1])->look());
        // Strong paints are let down further until the tint is a middle tone.
        $tint = $full;
        for ($whites = self::WHITES; $whites <= 100; $whites *= 2) {
            $tint = $light->lab(Mixture::of(['it' => $paint, 'white' => $white], ['it' => 1, 'white' => $whites])->look());
            if ($tint->lightness > 50.0) {
                break;
            }
        }

        return new self($full, $tint, self::words($full, $tint));
    }

    private static function words(Lab $full, Lab $tint): string
    {
        $a = $tint->a;
        $b = $tint->b;
        if ($full->chroma() < 12.0) {
            if (hypot($a, $b) < self::LEANS) {
                return Message::of('neutral at the edge');
            }

            return Message::of('leans ').(abs($a) > abs($b) ? ($a > 0.0 ? Message::of('red') : Message::of('green')) : ($b > 0.0 ? Message::of(
                'yellow or brown',
            ) : Message::of('blue'))).Message::of(' at the edge');
        }
        $turn = fmod($tint->hue() - $full->hue() + 540.0, 360.0) - 180.0;
        if (abs($turn) < 6.0) {
            return Message::of('keeps its hue at the edge');
        }
        // Round the circle lie red, yellow, green and blue; the tint turns towards the next or back to the one before.
        $quarter = (int) floor($full->hue() / 90.0) % 4;

        return Message::of('turns %s at the edge', ['red', 'yellow', 'green', 'blue'][$turn > 0.0 ? ($quarter + 1) % 4 : $quarter]);
    }
}
