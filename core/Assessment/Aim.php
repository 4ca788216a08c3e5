<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

/** How far to go, as agreed with the owner. */
enum Aim: string
{
    case Keep = 'keep';
    case Freshen = 'freshen';
    case Restore = 'restore';

    public function label(): string
    {
        return $this->value;
    }

    public function meaning(): string
    {
        return match ($this) {
            self::Keep => 'Clean, feed, protect; keep every sign of age.',
            self::Freshen => 'Also bring tired colour back with creams and waxes; scars may stay.',
            self::Restore => 'Also fill, re-dye or repaint what is lost, to the original colour.',
        };
    }

    /** Colour may be added at all; *keep* leaves every sign of age. */
    public function addsColour(): bool
    {
        return self::Keep !== $this;
    }
}
