<?php

declare(strict_types=1);

namespace KindHeel\App\Simulation;

use KindHeel\App\Colour\Device\DeviceLine;
use KindHeel\App\Colour\Device\NoLine;
use KindHeel\App\Colour\Device\StreamLine;

/** Chooses the line: `COLOUR_READER` names a serial device or a socket; or `simulated`; without it there is none. */
final readonly class DeviceLineFactory
{
    public const SIMULATED = 'simulated';

    public function __construct(private SimulatedLine $simulated, private string $colourReader)
    {
    }

    public function __invoke(): DeviceLine
    {
        return match ($this->colourReader) {
            '' => new NoLine(),
            self::SIMULATED => $this->simulated,
            default => new StreamLine($this->colourReader),
        };
    }
}
