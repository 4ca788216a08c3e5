<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/** Usual leather shades by name, for a part that no instrument has read yet. */
enum Shade: string
{
    case Black = 'black';
    case Espresso = 'espresso';
    case Chestnut = 'chestnut';
    case Cognac = 'cognac';
    case Tan = 'tan';
    case Oxblood = 'oxblood';
    case CherryRed = 'cherry-red';
    case Navy = 'navy';
    case Bottle = 'bottle-green';
    case Grey = 'grey';
    case Sand = 'sand';
    case Natural = 'natural';
    case Ivory = 'ivory';

    /** By its own name, or by how people call it; null where nobody here calls a colour so. */
    public static function named(string $name): ?self
    {
        $name = str_replace([' ', '_'], '-', mb_strtolower(trim($name)));

        return self::tryFrom($name) ?? match ($name) {
            'brown', 'mid-brown' => self::Chestnut,
            'dark-brown', 'chocolate', 'dark' => self::Espresso,
            'light-brown', 'camel' => self::Tan,
            'burgundy', 'bordeaux', 'wine' => self::Oxblood,
            'red' => self::CherryRed,
            'blue', 'dark-blue' => self::Navy,
            'green', 'dark-green' => self::Bottle,
            'gray' => self::Grey,
            'beige', 'sandstone' => self::Sand,
            'white', 'cream', 'off-white', 'light' => self::Ivory,
            'undyed', 'nude' => self::Natural,
            default => null,
        };
    }

    /** The usual shade that is nearest, by CIEDE2000. */
    public static function nearest(Lab $lab): self
    {
        $nearest = self::Black;
        $least = \INF;
        foreach (self::cases() as $shade) {
            $off = Difference::ciede2000($lab, $shade->lab());
            if ($off < $least) {
                [$nearest, $least] = [$shade, $off];
            }
        }

        return $nearest;
    }

    /** By itself it is not read as something to be done: “Paint, sandstone”. */
    public function label(): string
    {
        return Message::of(self::Sand === $this ? 'sandstone' : str_replace('-', ' ', $this->value));
    }

    public function lab(): Lab
    {
        return match ($this) {
            self::Black => Lab::of(19.0, 0.6, 0.4),
            self::Espresso => Lab::of(25.0, 8.0, 8.5),
            self::Chestnut => Lab::of(34.0, 20.0, 21.0),
            self::Cognac => Lab::of(46.0, 24.0, 36.0),
            self::Tan => Lab::of(58.0, 17.0, 35.0),
            self::Oxblood => Lab::of(25.0, 25.0, 10.5),
            self::CherryRed => Lab::of(36.0, 44.0, 22.0),
            self::Navy => Lab::of(22.0, 2.0, -14.0),
            self::Bottle => Lab::of(26.0, -14.0, 6.0),
            self::Grey => Lab::of(48.0, 0.5, 1.5),
            self::Sand => Lab::of(73.0, 5.0, 22.0),
            self::Natural => Lab::of(70.0, 12.0, 30.0),
            self::Ivory => Lab::of(89.0, 1.0, 9.0),
        };
    }

    /** As a screen shows it by daylight, #rrggbb. A shelf or a counter asks for the same few hundreds of times. */
    public function hex(): string
    {
        /** @var array<string, string> $known */
        static $known = [];

        return $known[$this->value] ??= $this->lab()->toSrgbHex();
    }

    /** Yellows, reds, oranges and clean greens cover badly: told by a chroma (CIE 15:2004) of 45 and more. */
    public function hidesWeakly(): bool
    {
        return hypot($this->lab()->a, $this->lab()->b) >= 45.0;
    }

    public function family(): ColourFamily
    {
        return match ($this) {
            self::Black, self::Navy, self::Bottle, self::Grey => ColourFamily::Dark,
            self::Espresso, self::Chestnut, self::Cognac, self::Tan => ColourFamily::Brown,
            self::Oxblood, self::CherryRed => ColourFamily::Red,
            self::Sand, self::Natural, self::Ivory => ColourFamily::Light,
        };
    }
}
