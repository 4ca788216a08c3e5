<?php

declare(strict_types=1);

namespace KindHeel\App\Colour\Device;

/** A line to an instrument: one JSON object a line goes out, one comes back. See docs/colour-reader.md. */
interface DeviceLine
{
    /** @throws DeviceFault when there is no answer */
    public function ask(string $line): string;
}
