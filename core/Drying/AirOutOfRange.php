<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

/** A value that no air has; `$field` is its name in the contract. */
final class AirOutOfRange extends \DomainException
{
    public function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }
}
