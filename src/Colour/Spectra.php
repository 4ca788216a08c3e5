<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Assessment\AssessmentError;
use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Spectrum;

/** Spectra as a client sends them. */
final class Spectra
{
    /**
     * @param array<mixed> $values
     *
     * @throws AssessmentError
     */
    public static function of(array $values): Spectrum
    {
        $numbers = [];
        foreach ($values as $value) {
            $numbers[] = \is_int($value) || \is_float($value) ? (float) $value : throw new AssessmentError('measured', 'A spectrum is made of numbers.');
        }
        try {
            return Spectrum::grid($numbers);
        } catch (ColourError $error) {
            throw new AssessmentError('measured', $error->getMessage());
        }
    }
}
