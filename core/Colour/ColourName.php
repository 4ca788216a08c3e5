<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/** Plain names for colours, coarse enough to be sure of. */
final class ColourName
{
    private const GREYISH = 6.0;
    private const HUES = [[20.0, 'red'], [52.0, 'orange'], [105.0, 'yellow'], [190.0, 'green'], [290.0, 'blue'], [330.0, 'violet'], [360.0, 'red']];

    public static function of(Lab $lab): string
    {
        if ($lab->chroma() < self::GREYISH) {
            return $lab->lightness > 85.0 ? Message::of('white') : ($lab->lightness < 25.0 ? Message::of('black') : Message::of('grey'));
        }
        foreach (self::HUES as [$until, $name]) {
            if ($lab->hue() <= $until) {
                return 'orange' === $name && $lab->lightness < 50.0 && $lab->chroma() < 40.0 ? Message::of('brown') : Message::of($name);
            }
        }

        return Message::of('red');
    }

    /** The paint that would bring a mix to its target: “cleaner orange”. */
    public static function wanted(Lab $target, Lab $nearest): string
    {
        $more = match (true) {
            $target->chroma() > $nearest->chroma() + 1.0 => Message::of('cleaner'),
            $target->lightness > $nearest->lightness => Message::of('lighter'),
            default => Message::of('deeper'),
        };

        return $more.' '.self::of($target);
    }
}
