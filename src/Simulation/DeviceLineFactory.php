<?php

declare(strict_types=1);

namespace KindHeel\App\Simulation;

use KindHeel\App\Colour\Device\DeviceLine;
use KindHeel\App\Colour\Device\StreamLine;

/** Chooses the line: `COLOUR_READER` names a serial device or a socket; without it the simulated reader answers. */
final readonly class DeviceLineFactory
{
    public const SIMULATED = 'simulated';

    public function __construct(private SimulatedLine $simulated, private string $colourReader)
    {
    }

    public function __invoke(): DeviceLine
    {
        return self::SIMULATED === $this->colourReader || '' === $this->colourReader ? $this->simulated : new StreamLine($this->colourReader);
    }
}
