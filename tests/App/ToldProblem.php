<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

/** A problem document as a client reads it (RFC 9457). */
final readonly class ToldProblem
{
    /** @param list<FieldProblem> $errors */
    public function __construct(
        public int $status,
        public string $title,
        public string $detail,
        public string $type,
        public bool $overridable = false,
        public array $errors = [],
    ) {
    }
}
