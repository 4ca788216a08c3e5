<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

/** Where in the work a need belongs; a coat number is added, so ranks leave room. */
final class Rank
{
    public const TAKE_APART = 1;
    public const RECORD = 2;
    public const READ_COLOUR = 3;
    public const TREE = 10;
    public const DUST = 20;
    public const ERASE = 25;
    public const DAMP = 30;
    /** The rung of the ladder is added. */
    public const CLEAN = 40;
    public const SALT = 50;
    public const POULTICE = 54;
    public const STAIN = 56;
    public const RESIDUE = 58;
    public const NAP = 59;
    public const MEND = 60;
    public const KEY_BOND = 62;
    public const CEMENT = 63;
    public const BOND = 64;
    public const IRON = 66;
    public const WHITEN = 70;
    public const SAND_EDGE = 76;
    public const STRIP = 80;
    /** Two for each layer: filler, sanding. */
    public const FILL = 90;
    public const KEY = 124;
    public const DEGREASE = 126;
    public const BASE = 130;
    public const SPOT = 140;
    public const EVENLY_DAMP = 148;
    public const COLOUR = 150;
    public const RUB_OFF = 165;
    public const COVER_FILL = 168;
    public const SEAL = 170;
    public const CONDITION = 200;
    public const EDGE_FEED = 210;
    public const CREAM = 220;
    public const BUFF_CREAM = 230;
    /** After the colour of the upper and before the last polish (O-24). */
    public const DRESS = 240;
    public const WAX = 260;
    public const PROTECT = 340;
    public const RAISE_NAP = 350;
    public const INSIDE = 360;
    public const TOGETHER = 400;
    public const SHAPE = 410;
    public const HAND_OVER = 420;
}
