<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

/** A part of one half. */
final readonly class Place implements \Stringable
{
    public function __construct(public PartName $part, public Half $half)
    {
    }

    public function is(self $other): bool
    {
        return $this->part === $other->part && $this->half === $other->half;
    }

    public function fellow(): self
    {
        return new self($this->part, $this->half->other());
    }

    /** “left vamp”, or “front” where there is no fellow. */
    public function label(): string
    {
        return (Half::Whole === $this->half ? '' : $this->half->value.' ').$this->part->label();
    }

    /** A key for maps, not a text for people. */
    public function __toString(): string
    {
        return $this->half->value.'/'.$this->part->value;
    }
}
