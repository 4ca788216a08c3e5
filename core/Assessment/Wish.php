<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Text\Message;

/** What an owner can ask for on a part, beside aim, shine and patina. */
enum Wish: string
{
    /** A darker wax at the toe, blended inward. */
    case DarkerToe = 'darker-toe';
    /** The toe burnished with a darker cream. */
    case ToeBurnish = 'toe-burnish';
    /** Only the mark is coloured, even where its rim will show. */
    case LocalOnly = 'local-only';
    /** The whole part is coloured, even for a small mark. */
    case WholePart = 'whole-part';
    /** Dye let down with its own thinner, so that it stays a shade paler. */
    case LetDown = 'let-down';
    /** Dye dabbed on with a tied rag. */
    case Mottled = 'mottled';
    /** Dye heavy on one side and fading to the other. */
    case Shaded = 'shaded';
    /** New thread keeps its own colour, for whoever is to see where it was mended. */
    case ThreadShows = 'thread-shows';

    /** It can be asked for on such a part. */
    public function suits(Part $part): bool
    {
        return match ($this) {
            self::DarkerToe, self::ToeBurnish => PartName::Toe === $part->at->part && $part->material->takesCream(),
            self::ThreadShows => $part->at->part->isOuter() || PartName::Stitching === $part->at->part,
            self::LocalOnly, self::WholePart => $part->at->part->isOuter(),
            self::LetDown, self::Mottled, self::Shaded => $part->at->part->isOuter() && $part->material->isLeather(),
        };
    }

    public function label(): string
    {
        return Message::of(match ($this) {
            self::DarkerToe => 'a darker wax on the toe',
            self::ToeBurnish => 'a burnished toe',
            self::LocalOnly => 'only the mark, not the whole part',
            self::WholePart => 'the whole part, for an even look',
            self::LetDown => 'a dye let down, a shade paler',
            self::Mottled => 'a mottle',
            self::Shaded => 'a shade from dark to light',
            self::ThreadShows => 'new thread that may show',
        });
    }
}
