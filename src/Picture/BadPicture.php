<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

/** What was handed in cannot be kept as a picture; the message says why and what to do. */
final class BadPicture extends \RuntimeException
{
}
