<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

/** Something about a part that changes what may be done to it. */
enum Flag: string
{
    case Perforated = 'perforated';
    case ContrastStitching = 'contrast-stitching';
    case LeatherLined = 'leather-lined';
    case GluedSole = 'glued-sole';
    case Irreplaceable = 'irreplaceable';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
