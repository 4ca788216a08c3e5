<?php

declare(strict_types=1);

namespace KindHeel\App\Colour\File;

use KindHeel\Core\Text\FieldError;

/** A file of readings that cannot be trusted; the message says where. */
final class BadFile extends FieldError
{
    public function __construct(string $message)
    {
        parent::__construct(null, $message);
    }
}
