<?php

declare(strict_types=1);

namespace KindHeel\App\Colour\Device;

/** A workshop without a colour reader. */
final readonly class NoLine implements DeviceLine
{
    public function ask(string $line): never
    {
        throw new DeviceFault('There is no colour reader here. Type what you measured, or read the colour from a photograph with its card.');
    }
}
