<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

use KindHeel\Core\Text\Message;

/** What a piece is worn or carried for. */
enum WornFor: string
{
    case Everyday = 'everyday';
    case Dress = 'dress';
    case Work = 'work';
    case Riding = 'riding';
    case Stage = 'stage';

    public function label(): string
    {
        return match ($this) {
            self::Everyday => Message::of('every day'),
            self::Dress => Message::of('best'),
            self::Work => Message::of('work'),
            self::Riding => Message::of('riding'),
            self::Stage => Message::of('the stage'),
        };
    }

    /** Sweat, mud or paint get at it each time. */
    public function isHard(): bool
    {
        return self::Work === $this || self::Riding === $this;
    }
}
