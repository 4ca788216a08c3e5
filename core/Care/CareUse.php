<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;

/** How a piece is used. */
final readonly class CareUse
{
    /**
     * @param float    $daysAWeek  on which it is worn or carried, 0–7
     * @param bool     $wet        it gets rained on
     * @param bool     $salt       winter salt, sea or sweat
     * @param bool     $sun        it stands or is carried in strong sun
     * @param bool     $darkCloth  it rubs on dark denim or other cloth that gives off colour
     * @param int|null $storedFrom month in which it is put away each year, 1–12; null where it is not
     *
     * @throws FieldError
     */
    private function __construct(
        public float $daysAWeek,
        public WornFor $for,
        public bool $wet,
        public bool $salt,
        public bool $sun,
        public bool $darkCloth,
        public ?int $storedFrom,
    ) {
        if (!is_finite($daysAWeek) || $daysAWeek < 0.0 || $daysAWeek > 7.0) {
            throw new FieldError('days_a_week', Message::of('Between none and seven days a week.'));
        }
        if (null !== $storedFrom && ($storedFrom < 1 || $storedFrom > 12)) {
            throw new FieldError('stored_from', Message::of('A month from January to December.'));
        }
    }

    /** @throws FieldError */
    public static function of(
        float $daysAWeek,
        WornFor $for = WornFor::Everyday,
        bool $wet = false,
        bool $salt = false,
        bool $sun = false,
        bool $darkCloth = false,
        ?int $storedFrom = null,
    ): self {
        return new self($daysAWeek, $for, $wet, $salt, $sun, $darkCloth, $storedFrom);
    }

    /** What is reckoned with until somebody has asked. */
    public static function usual(): self
    {
        return new self(2.0, WornFor::Everyday, false, false, false, false, null);
    }

    /** 0 where it is never used, 1 where it is used every day. */
    public function share(): float
    {
        return $this->daysAWeek / 7.0;
    }
}
