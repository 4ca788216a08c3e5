<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Text\Message;

/** Something about a part that changes what may be done to it. */
enum Flag: string
{
    case Perforated = 'perforated';
    case ContrastStitching = 'contrast-stitching';
    case Vents = 'vents';
    case GripSurface = 'grip-surface';
    case MetalShank = 'metal-shank';
    case LeatherLined = 'leather-lined';
    case FurTrim = 'fur-trim';
    case GluedSole = 'glued-sole';
    case PrintedMarks = 'printed-marks';
    case Irreplaceable = 'irreplaceable';

    public function label(): string
    {
        return Message::of(match ($this) {
            self::GripSurface => 'has to grip',
            default => str_replace('-', ' ', $this->value),
        });
    }
}
