<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** The workshop's card, to be printed. */
final readonly class CardView
{
    /**
     * @param list<string> $printed colours of its fields, row by row
     * @param list<string> $painted names of the tubes that its fields are painted from instead, row by row
     */
    public function __construct(public array $printed, public array $painted)
    {
    }
}
