<?php

declare(strict_types=1);

namespace KindHeel\App\Colour\Device;

/** An instrument did not answer, or not sensibly; the message says what to do. */
final class DeviceFault extends \RuntimeException
{
}
