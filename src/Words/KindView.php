<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

final readonly class KindView
{
    /**
     * @param list<string>       $halves
     * @param list<PartWordView> $parts  in an order that goes round the piece
     */
    public function __construct(public string $id, public string $label, public array $halves, public array $parts)
    {
    }
}
