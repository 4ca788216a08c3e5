<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\FieldError;

/** What was given is no spectrum, paint, pot or film; the message says what it must be. */
final class ColourError extends FieldError
{
    public function __construct(string $message)
    {
        parent::__construct(null, $message);
    }
}
