<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

/** A change to a plan that cannot be made, in a sentence. */
final class ReworkError extends \DomainException
{
}
