<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

/** Something that is no archive, is not whole, or speaks of what is not in it. What was there stays as it is. */
final class BadArchive extends \RuntimeException
{
}
