<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

use KindHeel\Core\Text\Message;

/** The order of the work. */
enum Phase: string
{
    case TakeApart = 'take-apart';
    case Record = 'record';
    case DryClean = 'dry-clean';
    case Trial = 'trial';
    case Clean = 'clean';
    case Repair = 'repair';
    case Strip = 'strip';
    case Fill = 'fill';
    case Degrease = 'degrease';
    case Mask = 'mask';
    case Base = 'base';
    case Colour = 'colour';
    case Seal = 'seal';
    case Unmask = 'unmask';
    case Condition = 'condition';
    case Polish = 'polish';
    case Edges = 'edges';
    case Protect = 'protect';
    case PutTogether = 'put-together';
    case Shape = 'shape';
    case HandOver = 'hand-over';

    public function label(): string
    {
        return Message::of(str_replace('-', ' ', $this->value));
    }

    /** The stretch of work for which one mask stays on: from the base to the seal, the edges, the last protection. */
    public function session(): ?self
    {
        return match ($this) {
            self::Base, self::Colour, self::Seal => self::Colour,
            self::Edges, self::Protect => $this,
            default => null,
        };
    }
}
