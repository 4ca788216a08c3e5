<?php

declare(strict_types=1);

namespace KindHeel\Core\Text;

/** What was told cannot be so; the message is for people, `$field` for programs: the name of what is to be mended, where there is one. */
class FieldError extends \DomainException
{
    public function __construct(public readonly ?string $field, string $message)
    {
        parent::__construct($message);
    }
}
