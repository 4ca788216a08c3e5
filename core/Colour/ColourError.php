<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** What was given is no spectrum, paint, pot or film; the message says what it must be. */
final class ColourError extends \DomainException
{
}
