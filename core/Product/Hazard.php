<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

use KindHeel\Core\Text\Message;

/** What a product can do to a person, and the usual caution; the maker's label and local rules come first (H-1). */
enum Hazard: string
{
    case Acid = 'acid';
    case Dust = 'dust';
    case Solvent = 'solvent';
    case Flammable = 'flammable';
    case Skin = 'skin';
    case Spray = 'spray';
    case OilyRags = 'oily-rags';
    case Oxidiser = 'oxidiser';

    /** Number of the harm rule behind the caution. */
    public function rule(): string
    {
        return match ($this) {
            self::Acid => 'H-8',
            self::Dust => 'H-5',
            self::Solvent => 'H-2',
            self::Flammable => 'H-3',
            self::Skin => 'H-11',
            self::Spray => 'H-9',
            self::OilyRags => 'H-4',
            self::Oxidiser => 'H-6',
        };
    }

    public function caution(): string
    {
        return match ($this) {
            self::Acid => Message::of('Never mix with bleach or ammonia. Follow the label.'),
            self::Dust => Message::of('Wear a dust mask.'),
            self::Solvent => Message::of(
                'Move the air to the outside, wear gloves that resist it, do not lean over the pot. The label and local rules come first.',
            ),
            self::Flammable => Message::of('No flame, heat gun, iron or spark near it or its rags until it has flashed off.'),
            self::Skin => Message::of('Wear gloves: it can sensitise the skin.'),
            self::Spray => Message::of('Mask with the right filter, booth or outdoors, no pilot lights.'),
            self::OilyRags => Message::of('Spread the rags flat outdoors to dry, or keep them under water in a lidded metal can.'),
            self::Oxidiser => Message::of('Gloves and eye protection; no metal lids, no sealed bottle in the sun.'),
        };
    }
}
