<?php

declare(strict_types=1);

namespace KindHeel\App\Compute;

/** Every wrong place of an input, by JSON pointer. */
final class InputErrors extends \RuntimeException
{
    /** @param non-empty-list<array{path: string, message: string}> $errors */
    public function __construct(public readonly array $errors)
    {
        parent::__construct($errors[0]['message']);
    }
}
