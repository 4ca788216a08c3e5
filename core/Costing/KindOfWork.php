<?php

declare(strict_types=1);

namespace KindHeel\Core\Costing;

use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;

/** Work by hand as it is priced, and as an owner hears of it. */
enum KindOfWork: string
{
    case Handling = 'handling';
    case Cleaning = 'cleaning';
    case Mending = 'mending';
    case Colouring = 'colouring';
    case Finishing = 'finishing';

    public static function of(Phase $phase): self
    {
        return match ($phase) {
            Phase::DryClean, Phase::Clean => self::Cleaning,
            Phase::Repair, Phase::Fill, Phase::Shape => self::Mending,
            Phase::Strip, Phase::Degrease, Phase::Mask, Phase::Base, Phase::Colour, Phase::Seal, Phase::Unmask => self::Colouring,
            Phase::Condition, Phase::Polish, Phase::Edges, Phase::Protect => self::Finishing,
            Phase::TakeApart, Phase::Record, Phase::Trial, Phase::PutTogether, Phase::HandOver => self::Handling,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Handling => Message::of('Taking apart, pictures, trials and putting together'),
            self::Cleaning => Message::of('Cleaning'),
            self::Mending => Message::of('Mending and shaping'),
            self::Colouring => Message::of('Preparing, colouring and sealing'),
            self::Finishing => Message::of('Feeding, polish and protection'),
        };
    }
}
