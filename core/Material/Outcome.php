<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

use KindHeel\Core\Text\Message;

/** What came of a trial, judged dry. */
enum Outcome: string
{
    case AbsorbsAtOnce = 'absorbs-at-once';
    case AbsorbsSlowly = 'absorbs-slowly';
    case Beads = 'beads';
    case ColourOffDry = 'colour-off-dry';
    case ColourOffDamp = 'colour-off-damp';
    case Clean = 'clean';
    case Marks = 'marks';
    case MarksWarmAway = 'marks-warm-away';
    case NoMark = 'no-mark';
    case FilmSoftens = 'film-softens';
    case ColourLifts = 'colour-lifts';
    case NoChange = 'no-change';
    case Darkens = 'darkens';
    case DarkensReturns = 'darkens-returns';
    case Dulls = 'dulls';
    case ColouredThrough = 'coloured-through';
    case SkinOnCore = 'skin-on-core';
    case Melts = 'melts';
    case Chars = 'chars';
    case RealStack = 'real-stack';
    case PrintedSkin = 'printed-skin';
    // What the loupe and the cut edge show besides.
    case Pores = 'pores';
    case Print = 'print';
    case Film = 'film';
    case Glassy = 'glassy';
    case Nap = 'nap';
    case Velvet = 'velvet';
    case Scales = 'scales';
    case Weave = 'weave';
    case ClothCore = 'cloth-core';
    case Undyed = 'undyed';

    /** A product that does this is not laid where it is seen, unless colour follows over all of it (T-7). */
    public function spoils(): bool
    {
        return \in_array($this, [self::Darkens, self::Dulls, self::ColourLifts, self::FilmSoftens], true);
    }

    public function label(): string
    {
        return Message::of(match ($this) {
            self::AbsorbsAtOnce => 'it sinks in within a minute',
            self::AbsorbsSlowly => 'it sinks in slowly',
            self::Beads => 'it stands as a bead',
            self::ColourOffDry => 'colour comes off dry',
            self::ColourOffDamp => 'colour comes off damp',
            self::Clean => 'the cloth stays clean',
            self::Marks => 'it marks',
            self::MarksWarmAway => 'it marks, and warms away',
            self::NoMark => 'no mark',
            self::FilmSoftens => 'a film softens',
            self::ColourLifts => 'colour lifts',
            self::NoChange => 'nothing changes',
            self::Darkens => 'it stays darker',
            self::DarkensReturns => 'it darkens and returns',
            self::Dulls => 'it dulls',
            self::ColouredThrough => 'coloured through',
            self::SkinOnCore => 'a coloured skin on a pale core',
            self::Melts => 'it melts to a bead',
            self::Chars => 'it chars',
            self::RealStack => 'layers, and end grain that darkens',
            self::PrintedSkin => 'a printed skin',
            self::Pores => 'pores',
            self::Print => 'a printed or pressed pattern',
            self::Film => 'an even film, no pores',
            self::Glassy => 'thick and glassy',
            self::Nap => 'nap, both ways',
            self::Velvet => 'a short velvet',
            self::Scales => 'scales',
            self::Weave => 'threads',
            self::ClothCore => 'cloth behind a skin',
            self::Undyed => 'pale all through, no dye',
        });
    }
}
