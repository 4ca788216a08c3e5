<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\Illuminant;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Spectrum;

/** A colour as three lights show it. */
final readonly class SeenView
{
    /**
     * @param bool $onScreen whether a screen can show it at all
     */
    public function __construct(
        public LabView $lab,
        public string $daylight,
        public string $lamp,
        public string $tube,
        public bool $onScreen,
    ) {
    }

    public static function of(Spectrum $look): self
    {
        $hex = static function (Illuminant $illuminant) use ($look): string {
            $light = Light::of($illuminant);

            return $light->hex($light->lab($look));
        };
        $day = Light::daylight();
        $lab = $day->lab($look);

        return new self(LabView::of($lab), $hex(Illuminant::D65), $hex(Illuminant::A), $hex(Illuminant::F10), $day->srgb($lab)->inGamut());
    }
}
