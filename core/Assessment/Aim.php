<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Text\Message;

/** How far to go, as agreed with the owner. */
enum Aim: string
{
    case Keep = 'keep';
    case Freshen = 'freshen';
    case Restore = 'restore';
    case Recolour = 'recolour';
    case ReadyFast = 'ready-fast';
    case WorkProof = 'work-proof';

    /** Read after “Agreed: to …”. */
    public function label(): string
    {
        return Message::of(match ($this) {
            self::ReadyFast => 'make it ready fast',
            self::WorkProof => 'make it work-proof',
            default => $this->value,
        });
    }

    public function meaning(): string
    {
        return match ($this) {
            self::Keep => Message::of('Clean, feed, protect; keep every sign of age.'),
            self::Freshen => Message::of('Also bring tired colour back with creams and waxes; scars may stay.'),
            self::Restore => Message::of('Also fill, re-dye or repaint what is lost, to the original colour.'),
            self::Recolour => Message::of('A different colour.'),
            self::ReadyFast => Message::of('Presentable by the promised hour; what cannot dry in time is left out.'),
            self::WorkProof => Message::of('Looks are second to water, mud and wear.'),
        };
    }

    /**
     * What is laid before the owner beside it: one less, what is asked, one more.
     *
     * @return list<self> from the least to the most, itself among them
     */
    public function besides(): array
    {
        return match ($this) {
            self::ReadyFast, self::Keep => [self::ReadyFast, self::Keep, self::Freshen],
            self::Freshen => [self::Keep, self::Freshen, self::Restore],
            self::Restore => [self::Freshen, self::Restore, self::Recolour],
            self::Recolour => [self::Freshen, self::Restore, self::Recolour],
            self::WorkProof => [self::Keep, self::WorkProof, self::Restore],
        };
    }

    /** Colour may be added at all; *keep* leaves every sign of age. */
    public function addsColour(): bool
    {
        return !\in_array($this, [self::Keep, self::WorkProof], true);
    }

    /** What is lost is filled and coloured over, not only toned. */
    public function rebuilds(): bool
    {
        return self::Restore === $this || self::Recolour === $this;
    }
}
