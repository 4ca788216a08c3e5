<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** What the hands do; `Lay` puts a product family on. */
enum Action: string
{
    case Lay = 'lay';
    case TakeApart = 'take-apart';
    case Photograph = 'photograph';
    case ReadColour = 'read-colour';
    case Tree = 'tree';
    case DustOff = 'dust-off';
    case Erase = 'erase';
    case Trial = 'trial';
    case Stitch = 'stitch';
    case Bond = 'bond';
    case StraightenHardware = 'straighten-hardware';
    case IronCrease = 'iron-crease';
    case Sand = 'sand';
    case Mask = 'mask';
    case Unmask = 'unmask';
    case RubOff = 'rub-off';
    case Buff = 'buff';
    case RaiseNap = 'raise-nap';
    case Gate = 'gate';
    case PutTogether = 'put-together';
    case Shape = 'shape';
    case HandOver = 'hand-over';

    public function label(): string
    {
        return match ($this) {
            self::Lay => 'lay a product',
            self::TakeApart => 'take apart',
            self::ReadColour => 'read the colour',
            self::Tree => 'put the tree in',
            self::DustOff => 'dust off',
            self::StraightenHardware => 'set the metal right',
            self::IronCrease => 'iron the crease',
            self::RubOff => 'rub off',
            self::RaiseNap => 'raise the nap',
            self::Gate => 'test whether it is ready',
            self::PutTogether => 'put together',
            self::HandOver => 'hand over',
            default => $this->value,
        };
    }

    /** It presses, pierces or scrapes: wet leather, wet paint and soft filler do not bear it (O-7). */
    public function strains(): bool
    {
        return \in_array($this, [self::Stitch, self::Bond, self::Sand, self::RubOff, self::RaiseNap, self::Erase], true);
    }
}
