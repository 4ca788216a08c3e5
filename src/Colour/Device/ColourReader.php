<?php

declare(strict_types=1);

namespace KindHeel\App\Colour\Device;

use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Spectrum;

/** The colour reader on the bench, whatever hangs at the other end of its line. */
final readonly class ColourReader
{
    public function __construct(private DeviceLine $line)
    {
    }

    /**
     * One measurement, specular part excluded.
     *
     * @throws DeviceFault
     */
    public function measure(LookAt $what): Spectrum
    {
        $answer = json_decode($this->line->ask(json_encode(['do' => 'read', 'look' => $what], \JSON_THROW_ON_ERROR)), true);
        if (!\is_array($answer)) {
            throw new DeviceFault('The reader’s answer could not be understood. Read again.');
        }
        if (true !== ($answer['ok'] ?? null)) {
            throw new DeviceFault(\is_string($answer['say'] ?? null) ? $answer['say'] : 'The reader did not read. Set it down flat and read again.');
        }
        $values = $answer['values'] ?? null;
        if (!\is_int($answer['start'] ?? null) || !\is_int($answer['step'] ?? null) || !\is_array($values)) {
            throw new DeviceFault('The reader’s answer could not be understood. Read again.');
        }
        $numbers = [];
        foreach ($values as $value) {
            if (!\is_int($value) && !\is_float($value)) {
                throw new DeviceFault('The reader sent something that is no number. Read again.');
            }
            $numbers[] = (float) $value;
        }
        try {
            return Spectrum::of($answer['start'], $answer['step'], $numbers, 1.2);
        } catch (ColourError $error) {
            throw new DeviceFault('The reader sent no sound spectrum: '.$error->getMessage());
        }
    }
}
