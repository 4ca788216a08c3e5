<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Text\Message;

/** A part of one half. */
final readonly class Place implements \Stringable
{
    /** For maps, not for people. */
    public string $key;

    public function __construct(public PartName $part, public Half $half)
    {
        $this->key = $half->value.'/'.$part->value;
    }

    public function is(self $other): bool
    {
        return $this->key === $other->key;
    }

    public function fellow(): self
    {
        return new self($this->part, $this->half->other());
    }

    /** “left vamp”, or “front” where there is no fellow. */
    public function label(): string
    {
        return Message::of((Half::Whole === $this->half ? '' : $this->half->value.' ').$this->part->label());
    }

    public function __toString(): string
    {
        return $this->key;
    }
}
