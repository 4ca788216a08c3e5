<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/** A light to look under. */
enum Illuminant: string
{
    case A = 'A';
    case C = 'C';
    case D50 = 'D50';
    case D65 = 'D65';
    case F8 = 'F8';
    case F10 = 'F10';
    case BenchLed = 'bench-led';

    public function label(): string
    {
        return Message::of(match ($this) {
            self::A => 'lamp light',
            self::C => 'old daylight lamp',
            self::D50 => 'warm daylight',
            self::D65 => 'daylight',
            self::F8 => 'broad-band tube',
            self::F10 => 'shop tube',
            self::BenchLed => 'bench lamp',
        });
    }
}
