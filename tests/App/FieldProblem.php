<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

final readonly class FieldProblem
{
    public function __construct(public string $field, public string $message)
    {
    }
}
