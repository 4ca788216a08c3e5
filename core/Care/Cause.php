<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

use KindHeel\Core\Text\Message;

/** Why something came back. */
enum Cause: string
{
    case FatBelow = 'fat-below';
    case NotDegreased = 'not-degreased';
    case NotKeyed = 'not-keyed';
    case TooThick = 'too-thick';
    case FlexedEarly = 'flexed-early';
    case FillerDeep = 'filler-deep';
    case WetEdgeLost = 'wet-edge-lost';
    case ResinRubbed = 'resin-rubbed';
    case UnevenDamp = 'uneven-damp';
    case LooseDye = 'loose-dye';
    case Bubbles = 'bubbles';
    case Dust = 'dust';
    case SprayedDry = 'sprayed-dry';
    case TapeLate = 'tape-late';
    case TapeOpen = 'tape-open';
    case DampAir = 'damp-air';
    case WaxInCold = 'wax-in-cold';
    case OtherPot = 'other-pot';
    case OtherDay = 'other-day';
    case Thirst = 'thirst';
    case TooMuchWax = 'too-much-wax';
    case Cold = 'cold';
    case OverWet = 'over-wet';
    case PartWetted = 'part-wetted';
    case JoinedLate = 'joined-late';

    public function label(): string
    {
        return match ($this) {
            self::FatBelow => Message::of('fat or silicone under the paint'),
            self::NotDegreased => Message::of('not degreased, or too long before'),
            self::NotKeyed => Message::of('no key for the film to hold on'),
            self::TooThick => Message::of('laid too thick'),
            self::FlexedEarly => Message::of('bent or worn before it had cured'),
            self::FillerDeep => Message::of('filler laid too deep'),
            self::WetEdgeLost => Message::of('the wet edge was lost'),
            self::ResinRubbed => Message::of('the first resin was rubbed'),
            self::UnevenDamp => Message::of('damped unevenly, or too little dye'),
            self::LooseDye => Message::of('loose dye not rubbed off before the finish'),
            self::Bubbles => Message::of('bubbles in the resin'),
            self::Dust => Message::of('dust'),
            self::SprayedDry => Message::of('sprayed too dry or from too far'),
            self::TapeLate => Message::of('the tape was pulled between soft and cured'),
            self::TapeOpen => Message::of('the edge of the tape was not sealed'),
            self::DampAir => Message::of('laid in damp air'),
            self::WaxInCold => Message::of('wax laid in the cold'),
            self::OtherPot => Message::of('another pot'),
            self::OtherDay => Message::of('another day'),
            self::Thirst => Message::of('one half drank more'),
            self::TooMuchWax => Message::of('too much wax or oil'),
            self::Cold => Message::of('it dried in the cold'),
            self::OverWet => Message::of('a film over what was still wet'),
            self::PartWetted => Message::of('a part wetted in one place only'),
            self::JoinedLate => Message::of('joined outside its open time'),
        };
    }
}
