<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;

/** What the hands do; `Lay` puts a product family on. */
enum Action: string
{
    case Lay = 'lay';
    case TakeApart = 'take-apart';
    case Photograph = 'photograph';
    case ReadColour = 'read-colour';
    case Tree = 'tree';
    case TreeOut = 'tree-out';
    case DustOff = 'dust-off';
    case Erase = 'erase';
    case Trial = 'trial';
    case Stitch = 'stitch';
    case Bond = 'bond';
    case Unclamp = 'unclamp';
    case StraightenHardware = 'straighten-hardware';
    case IronCrease = 'iron-crease';
    case Sand = 'sand';
    case Mask = 'mask';
    case Unmask = 'unmask';
    case RubOff = 'rub-off';
    case Buff = 'buff';
    case RaiseNap = 'raise-nap';
    case Gate = 'gate';
    case Compare = 'compare';
    case PutTogether = 'put-together';
    case Shape = 'shape';
    case HandOver = 'hand-over';

    /** It changes nothing of the parts that it is done on. */
    public function leavesAsItIs(): bool
    {
        return \in_array(
            $this,
            [self::TakeApart, self::Photograph, self::ReadColour, self::Tree, self::TreeOut, self::PutTogether, self::Compare],
            true,
        );
    }

    public function label(): string
    {
        return Message::of(match ($this) {
            self::Lay => 'lay a product',
            self::TakeApart => 'take apart',
            self::ReadColour => 'read the colour',
            self::Tree => 'put the tree in',
            self::TreeOut => 'take the tree out',
            self::Unclamp => 'take the clamps off',
            self::Compare => 'compare side by side',
            self::DustOff => 'dust off',
            self::StraightenHardware => 'set the metal right',
            self::IronCrease => 'iron the crease',
            self::RubOff => 'rub off',
            self::RaiseNap => 'raise the nap',
            self::Gate => 'test whether it is ready',
            self::PutTogether => 'put together',
            self::HandOver => 'hand over',
            self::Photograph, self::Erase, self::Trial, self::Stitch, self::Bond, self::Sand, self::Mask, self::Unmask, self::Buff, self::Shape => $this->value,
        });
    }

    /** The stretch of the work to which it belongs where nobody says otherwise; what is laid belongs to that of its family. */
    public function phase(): Phase
    {
        return match ($this) {
            self::TakeApart, self::Tree => Phase::TakeApart,
            self::Photograph, self::ReadColour => Phase::Record,
            self::DustOff, self::Erase => Phase::DryClean,
            self::Trial, self::Gate, self::Compare => Phase::Trial,
            self::Stitch, self::Bond, self::Unclamp, self::StraightenHardware, self::IronCrease => Phase::Repair,
            self::Sand => Phase::Fill,
            self::Mask => Phase::Mask,
            self::Unmask => Phase::Unmask,
            self::RubOff => Phase::Colour,
            self::Buff, self::RaiseNap => Phase::Polish,
            self::PutTogether => Phase::PutTogether,
            self::Shape, self::TreeOut => Phase::Shape,
            self::HandOver => Phase::HandOver,
            self::Lay => Phase::Clean,
        };
    }

    /** It works on the parts that it names, rather than with the piece as a whole: a bench card points at them. */
    public function worksOnParts(): bool
    {
        return \in_array(
            $this,
            [self::Lay, self::Erase, self::Stitch, self::Bond, self::IronCrease, self::Sand, self::Mask, self::RaiseNap, self::Unclamp],
            true
        );
    }

    /** It presses, pierces or scrapes: wet leather, wet paint and soft filler do not bear it (O-7). */
    public function strains(): bool
    {
        return \in_array($this, [self::Stitch, self::Bond, self::Sand, self::RubOff, self::RaiseNap, self::Erase], true);
    }
}
