<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Step;

/**
 * Ladders that are climbed by looking (O-5): after each rung a look, and the next one only where it was not enough.
 *
 * A look is the act `gate`; its coat number says which ladder it belongs to, and the how-manieth look it is.
 */
enum Ladder: string
{
    case Dirt = 'dirt';
    case Nap = 'nap';
    case Rubber = 'rubber';
    case Crease = 'crease';
    case Thirst = 'thirst';

    private const LOOKS = 10;

    /** The number of a look, 1 for the first on this ladder. */
    public function look(int $number): int
    {
        return self::LOOKS * (int) array_search($this, self::cases(), true) + $number;
    }

    /** Which ladder a look belongs to. */
    public static function of(Step $look): self
    {
        return self::cases()[intdiv(max(0, $look->coat - 1), self::LOOKS)] ?? self::Dirt;
    }

    /** A rung that was climbed there, as it is kept. */
    public function key(Place $at): string
    {
        return $this->value.'@'.$at->key;
    }

    public function title(): string
    {
        return match ($this) {
            self::Dirt => Message::of('Look again: is it clean enough?'),
            self::Nap => Message::of('Look again: is the nap clean?'),
            self::Rubber => Message::of('Look again: is it white enough?'),
            self::Crease => Message::of('Look again: do the creases lie flat enough?'),
            self::Thirst => Message::of('Look again: is it still thirsty?'),
        };
    }

    public function how(): string
    {
        return match ($this) {
            self::Dirt => Message::of('Dry, in daylight, at arm’s length: the next rung takes finish with it.'),
            self::Nap => Message::of('Dry and brushed up, in daylight. A shade that stays in the fibre is no dirt.'),
            self::Rubber => Message::of('Dry, beside the other half. A warm white is enough; stronger means weaken the rubber.'),
            self::Crease => Message::of('With the tree in, in side light. A crease belongs where the leather bends.'),
            self::Thirst => Message::of('The next day: a drop of cream on the driest place. Enough when it no longer darkens at once.'),
        };
    }
}
