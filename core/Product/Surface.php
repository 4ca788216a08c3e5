<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/** What can be true of a part's surface while it is worked on. */
enum Surface: string
{
    case LooseDirt = 'loose-dirt';
    case Damp = 'damp';
    case Fat = 'fat';
    case Wax = 'wax';
    /** Silicone and old coats have been taken off. */
    case Stripped = 'stripped';
    /** Filler that has not been sanded level. */
    case Unsanded = 'unsanded';
    /** A film or dye of ours on top, on which nothing fatty has come since. */
    case CleanFilm = 'clean-film';
    /** Dye that has not been rubbed off dry. */
    case LooseDye = 'loose-dye';
    case Dyed = 'dyed';
    case Painted = 'painted';
    case Sealed = 'sealed';
    /** Something was laid that shines by brushing, and has not been brushed. */
    case Unbuffed = 'unbuffed';
    case Dressed = 'dressed';
    case Repellent = 'repellent';
    /** Nap that was wetted or rubbed and lies flat. */
    case NapDown = 'nap-down';
    case Masked = 'masked';
    /** Light stitching on the part is covered; the part itself is free. */
    case SeamsCovered = 'seams-covered';
}
