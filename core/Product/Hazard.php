<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

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
            self::Acid => 'Never mix with bleach or ammonia. Follow the label.',
            self::Dust => 'Wear a dust mask.',
            self::Solvent => 'Move the air to the outside, wear gloves that resist it, do not lean over the pot. The label and local rules come first.',
            self::Flammable => 'No flame, heat gun, iron or spark near it or its rags until it has flashed off.',
            self::Skin => 'Wear gloves: it can sensitise the skin.',
            self::Spray => 'Mask with the right filter, booth or outdoors, no pilot lights.',
            self::OilyRags => 'Spread the rags flat outdoors to dry, or keep them under water in a lidded metal can.',
            self::Oxidiser => 'Gloves and eye protection; no metal lids, no sealed bottle in the sun.',
        };
    }
}
