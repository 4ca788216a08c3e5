<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/** What a family of product does to leather; rules and planner ask for these, not for families by name. */
enum Effect
{
    /** It brings water, which must leave before anything shuts it in (O-7). */
    case Wets;
    /** Oil, cream or wax stays on the leather: no film holds over it (O-13). */
    case LaysFat;
    /** It changes the colour. */
    case Colours;
    /** Transparent colour that goes into the fibre. */
    case Dyes;
    /** Opaque colour in a film. */
    case Paints;
    /** It adds to the film on the leather, which cracks where it bends when it is too thick (J-4). */
    case BuildsFilm;
    /** Film or dye: it holds only where no fat is (O-13). */
    case NeedsCleanGround;
    /** It takes oil, wax and fingerprints off, so that a film can hold (O-12), and with them a finish that is no film (C-2). */
    case Degreases;
    /** Over a part it takes the old finish down (O-9). */
    case TakesFinishDown;
    /** What was degreased stays so under it. */
    case LeavesGround;
    /** It closes a hollow or a crack. */
    case Fills;
    /** It holds two faces together. */
    case Bonds;
    /** It lies between two faces or below the level: no tape is set against it. */
    case LeavesNoEdge;
    /** It runs or stains beyond where it is put: what must stay clean beside it is masked (O-15). */
    case Runs;
    /** Sprayed inside it stays inside. */
    case StaysInside;
    /** Moving warm air helps it dry (W-5); never what is fat. */
    case TakesWarmAir;
    /** It is mixed to a colour, and a fifth is kept back (Q-4). */
    case IsMixed;
    /** It is tried out of sight even where no trial is compulsory. */
    case AsksForTrial;
    /** A tool rather than a product. */
    case LaysNothing;
}
