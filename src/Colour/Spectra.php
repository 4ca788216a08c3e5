<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Text\FieldError;

/** Spectra as a client sends them. */
final class Spectra
{
    /**
     * @param array<mixed> $values
     *
     * @throws FieldError
     */
    public static function of(array $values): Spectrum
    {
        $numbers = [];
        foreach ($values as $value) {
            $numbers[] = \is_int($value) || \is_float($value) ? (float) $value : throw new FieldError('measured', 'A spectrum is made of numbers.');
        }
        try {
            return Spectrum::grid($numbers);
        } catch (ColourError $error) {
            throw new FieldError('measured', $error->getMessage());
        }
    }
}
