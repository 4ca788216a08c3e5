<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

/**
 * @template Id of \BackedEnum
 *
 * @phpstan-template-covariant Id of \BackedEnum
 */
final readonly class WordView
{
    /** @param Id $id */
    public function __construct(public \BackedEnum $id, public string $label, public string $meaning = '')
    {
    }
}
