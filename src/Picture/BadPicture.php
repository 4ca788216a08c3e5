<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

use KindHeel\Core\Text\FieldError;

/** What was handed in cannot be kept as a picture; the message says why and what to do. */
final class BadPicture extends FieldError
{
    public function __construct(string $message)
    {
        parent::__construct('file', $message);
    }
}
