<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

/** What is true of a material wherever it is met; rules and planner ask for these before they ask for a material by name. */
enum Property
{
    case IsLeather;
    /** Colour lies in a film on top, where dirt stays too. */
    case HasFilm;
    /** No fat goes on it (C-4). */
    case HasNap;
    /** Fibre outside, fine or coarse: it is brushed up at the end (C-9). */
    case IsNapped;
    /** Smooth leather that takes cream polish. */
    case TakesCream;
    /** It may be oiled, where the owner says yes (W-10). */
    case TakesOil;
    case IsReptile;
    /** The cut edges of sole and heel. */
    case IsEdge;
    /** Sole, welt, heel and fittings are built of it: no part in sight above them is. */
    case IsStructure;
    /** Colour lives in the fibre or in the polish, so a solvent leaves a pale spot (C-2). */
    case LosesColourToSolvent;
    /** Nothing touches it in sight before it was tried out of sight (C-1). */
    case AsksForTrial;
    /** Any colour on it stays for good or spoils its print: covered before anything runs or sprays beside it (O-15, C-3). */
    case MustStayBare;
    /** Its grain is closed and takes wax until it is a mirror. */
    case TakesMirror;
}
