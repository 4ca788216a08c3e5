<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Calendar;

use KindHeel\Core\Text\FieldError;

/** Hours that nobody can work; the message says what to mend. */
final class CalendarError extends FieldError
{
    public function __construct(string $message)
    {
        parent::__construct('shifts', $message);
    }
}
