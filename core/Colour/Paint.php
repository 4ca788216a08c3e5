<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/** A paint as two-constant theory knows it: absorption K and scattering S per coat of 20 µm of dry film, on the 31 bands of the grid. */
final readonly class Paint
{
    /** A clear binder neither absorbs nor scatters; it thins a pot. */
    public const CLEAR_BINDER = 'clear-binder';
    /** Dry micrometres of the coat that K and S are given for. */
    public const COAT_UM = 20.0;

    /**
     * @param list<float> $absorption K
     * @param list<float> $scattering S
     */
    private function __construct(public string $id, public array $absorption, public array $scattering)
    {
    }

    /**
     * @param list<float> $absorption
     * @param list<float> $scattering
     *
     * @throws ColourError when a list has not 31 bands or holds what is negative or not finite, or a clear binder is not clear
     */
    public static function of(string $id, array $absorption, array $scattering): self
    {
        foreach ([$absorption, $scattering] as $values) {
            if (Spectrum::BANDS !== \count($values)) {
                throw new ColourError(Message::of('%s needs 31 bands, 400 to 700 nm by 10 nm; there are %d.', $id, \count($values)));
            }
            foreach ($values as $value) {
                if (!is_finite($value) || $value < 0.0) {
                    throw new ColourError(Message::of('K and S of %s are numbers of at least 0.', $id));
                }
            }
        }
        if (self::CLEAR_BINDER === $id && array_sum($absorption) + array_sum($scattering) > 0.0) {
            throw new ColourError(Message::of('A clear binder has K and S of 0 in every band.'));
        }

        return new self($id, $absorption, $scattering);
    }

    public static function clearBinder(): self
    {
        return new self(self::CLEAR_BINDER, array_fill(0, Spectrum::BANDS, 0.0), array_fill(0, Spectrum::BANDS, 0.0));
    }

    public function isClear(): bool
    {
        return 0.0 === array_sum($this->absorption) + array_sum($this->scattering);
    }
}
