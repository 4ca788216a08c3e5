<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

/** Where in the work a need belongs; a coat number is added, so ranks leave room. */
final class Rank
{
    public const TAKE_APART = 1;
    public const RECORD = 2;
    public const TREE = 10;
    public const DUST = 20;
    public const DAMP = 30;
    public const CLEAN = 40;
    public const CONDITION = 50;
    public const CREAM = 60;
    public const BUFF_CREAM = 70;
    /** After the colour of the upper and before the last polish (O-24). */
    public const DRESS = 80;
    public const WAX = 100;
    public const TOGETHER = 200;
    public const HAND_OVER = 210;
}
