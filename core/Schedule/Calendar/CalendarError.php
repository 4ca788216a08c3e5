<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Calendar;

/** Hours that nobody can work; the message says what to mend. */
final class CalendarError extends \DomainException
{
}
