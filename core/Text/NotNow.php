<?php

declare(strict_types=1);

namespace KindHeel\Core\Text;

/** What was asked for cannot be done as things stand; the message says why, for people. */
class NotNow extends \DomainException
{
}
