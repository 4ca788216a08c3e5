<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

use KindHeel\Core\Text\FieldError;

/** A value that no air has; its field is the name in the contract. */
final class AirOutOfRange extends FieldError
{
}
