<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\CoatLadder;

/** Coats of a pot over a base. */
final readonly class BasedCoats
{
    /**
     * @param string $paint the base, by id
     * @param bool   $white rather than near in tone
     */
    public function __construct(public string $paint, public string $name, public bool $white, public CoatLadder $coats)
    {
    }
}
