<?php

declare(strict_types=1);

namespace KindHeel\Core\Text;

/** What was said of a piece cannot be so; the message is for people, `$field` for programs. */
final class FieldError extends \DomainException
{
    public function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }
}
