<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

/** Where in the work a need belongs; a coat number is added, so ranks leave room. */
final class Rank
{
    public const TAKE_APART = 1;
    public const RECORD = 2;
    public const READ_COLOUR = 3;
    public const TREE = 18;
    public const MOULD = 16;
    public const DUST = 20;
    public const ERASE = 25;
    /** Powder draws grease out of dry leather: water would drive it in. */
    public const POULTICE = 27;
    public const DAMP = 30;
    /** Before anything that feeds. */
    public const SALT = 35;
    /** Twice the rung of the ladder is added; one less is the look before it. */
    public const CLEAN = 40;
    public const STAIN = 56;
    public const RESIDUE = 58;
    public const NAP = 59;
    public const MEND = 60;
    public const KEY_BOND = 62;
    public const CEMENT = 63;
    public const BOND = 64;
    public const UNCLAMP = 65;
    public const IRON = 66;
    public const WHITEN = 70;
    public const SAND_EDGE = 76;
    public const STRIP = 80;
    /** Two for each layer: filler, sanding. */
    public const FILL = 90;
    public const KEY = 124;
    /** One colour after the other, each with all its coats in a row, so that its neighbours are taped once. */
    private const COLOURS = 1000;
    private const OF_A_COLOUR = 60;
    public const DEGREASE = 0;
    public const PRIMER = 1;
    public const BASE = 2;
    public const SPOT = 15;
    public const EVENLY_DAMP = 18;
    public const COLOUR = 20;
    public const RUB_OFF = 50;
    public const COVER_FILL = 9_000;
    public const SEAL = 9_010;
    public const CONDITION = 9_100;
    public const EDGE_FEED = 9_110;
    public const CREAM = 9_120;
    public const BUFF_CREAM = 9_130;
    /** After the colour of the upper and before the last polish (O-24). */
    public const DRESS = 9_140;
    public const WAX = 9_160;
    public const PROTECT = 9_340;
    public const RAISE_NAP = 9_350;
    public const INSIDE = 9_360;
    public const SHAPE = 9_390;
    public const TREE_OUT = 9_395;
    public const TOGETHER = 9_400;
    public const CLOSING_COLOUR = 9_410;
    public const CLOSING_PICTURES = 9_412;
    public const HAND_OVER = 9_420;

    /**
     * A place in the work on one colour.
     *
     * @param int $turn which colour, the darkest first
     * @param int $what one of the ranks from `DEGREASE` to `RUB_OFF`, a coat number added
     */
    public static function colour(int $turn, int $what): int
    {
        return self::COLOURS + $turn * self::OF_A_COLOUR + $what;
    }
}
