<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

use KindHeel\Core\Text\Message;

/** What brings a piece back. */
enum Fault: string
{
    case Peels = 'peels';
    case Cracks = 'cracks';
    case Streaks = 'streaks';
    case RubsOff = 'rubs-off';
    case PaleSpecks = 'pale-specks';
    case Craters = 'craters';
    case OrangePeel = 'orange-peel';
    case RaggedLine = 'ragged-line';
    case Haze = 'haze';
    case DarkerHalf = 'darker-half';
    case Sticky = 'sticky';
    case TideLine = 'tide-line';
    case OpensAgain = 'opens-again';

    public function label(): string
    {
        return match ($this) {
            self::Peels => Message::of('peels in sheets'),
            self::Cracks => Message::of('cracks where it bends'),
            self::Streaks => Message::of('streaks'),
            self::RubsOff => Message::of('colour rubs off'),
            self::PaleSpecks => Message::of('pale specks'),
            self::Craters => Message::of('craters'),
            self::OrangePeel => Message::of('orange peel'),
            self::RaggedLine => Message::of('a ragged line'),
            self::Haze => Message::of('a white haze'),
            self::DarkerHalf => Message::of('one half is darker'),
            self::Sticky => Message::of('sticky for days'),
            self::TideLine => Message::of('a tide line'),
            self::OpensAgain => Message::of('a seam or sole opens again'),
        };
    }

    /** @return non-empty-list<Cause> the usual one first */
    public function causes(): array
    {
        return match ($this) {
            self::Peels => [Cause::FatBelow, Cause::NotDegreased, Cause::NotKeyed],
            self::Cracks => [Cause::TooThick, Cause::FlexedEarly, Cause::FillerDeep],
            self::Streaks => [Cause::WetEdgeLost, Cause::ResinRubbed, Cause::UnevenDamp],
            self::RubsOff => [Cause::LooseDye],
            self::PaleSpecks => [Cause::Bubbles, Cause::Dust],
            self::Craters => [Cause::FatBelow, Cause::NotDegreased],
            self::OrangePeel => [Cause::SprayedDry, Cause::TooThick],
            self::RaggedLine => [Cause::TapeLate, Cause::TapeOpen],
            self::Haze => [Cause::DampAir, Cause::TooThick, Cause::WaxInCold],
            self::DarkerHalf => [Cause::OtherPot, Cause::OtherDay, Cause::Thirst],
            self::Sticky => [Cause::TooMuchWax, Cause::Cold, Cause::OverWet],
            self::TideLine => [Cause::PartWetted],
            self::OpensAgain => [Cause::NotDegreased, Cause::JoinedLate, Cause::FlexedEarly],
        };
    }
}
