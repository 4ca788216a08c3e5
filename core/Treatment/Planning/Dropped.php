<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Place;

/** What a plan leaves out to keep its hour, and what that costs in looks and in how long it lasts. */
final readonly class Dropped
{
    /**
     * @param string      $what id of a family or an action
     * @param list<Place> $on
     */
    public function __construct(public string $what, public array $on, public string $rule, public string $text, public string $cost)
    {
    }
}
