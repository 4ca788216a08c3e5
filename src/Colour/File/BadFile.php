<?php

declare(strict_types=1);

namespace KindHeel\App\Colour\File;

/** A file of readings that cannot be trusted; the message says where. */
final class BadFile extends \DomainException
{
}
