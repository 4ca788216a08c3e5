<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/**
 * Reflectance by wavelength, as fractions (0.42, not 42), at even steps of nanometres.
 *
 * The grid of paints and films is 31 bands, 400–700 nm by 10 nm.
 */
final readonly class Spectrum
{
    public const START_NM = 400;
    public const STEP_NM = 10;
    public const BANDS = 31;
    public const STEPS = [1, 2, 5, 10, 20];
    private const LAST_START_NM = 420;
    private const FIRST_START_NM = 360;
    private const SHORTEST_END_NM = 680;

    /** @param list<float> $values */
    private function __construct(public int $start, public int $step, public array $values)
    {
    }

    /**
     * @param list<float> $values
     *
     * @throws ColourError when the grid is not one that can be used, or a value is not finite or outside 0–$limit
     */
    public static function of(int $start, int $step, array $values, float $limit = 1.0): self
    {
        if ($start < self::FIRST_START_NM || $start > self::LAST_START_NM) {
            throw new ColourError(Message::of('A spectrum starts between 360 and 420 nm.'));
        }
        if (!\in_array($step, self::STEPS, true)) {
            throw new ColourError(Message::of('The bands of a spectrum are 1, 2, 5, 10 or 20 nm apart.'));
        }
        if ($start + $step * (\count($values) - 1) < self::SHORTEST_END_NM) {
            throw new ColourError(Message::of('The last band of a spectrum is at 680 nm or later.'));
        }
        foreach ($values as $i => $value) {
            if (!($value >= 0.0 && $value <= $limit)) {
                throw new ColourError(Message::of('The reflectance at %d nm must lie between 0 and %s.', $start + $i * $step, (string) $limit));
            }
        }

        return new self($start, $step, $values);
    }

    /**
     * On the grid of films.
     *
     * @param list<float> $values 31 fractions
     *
     * @throws ColourError
     */
    public static function grid(array $values): self
    {
        if (self::BANDS !== \count($values)) {
            throw new ColourError(Message::of('A film has 31 bands, 400 to 700 nm by 10 nm; there are %d.', \count($values)));
        }

        return self::of(self::START_NM, self::STEP_NM, $values);
    }

    /** Of one grey everywhere. */
    public static function flat(float $reflectance): self
    {
        return self::grid(array_fill(0, self::BANDS, $reflectance));
    }

    /** Linear between bands; outside its range the end values are held. */
    public function at(float $nm): float
    {
        $place = ($nm - $this->start) / $this->step;
        $last = \count($this->values) - 1;
        if ($place <= 0.0) {
            return $this->values[0];
        }
        if ($place >= $last) {
            return $this->values[$last];
        }
        $i = (int) $place;

        return $this->values[$i] + ($place - $i) * ($this->values[$i + 1] - $this->values[$i]);
    }

    public function isOnGrid(): bool
    {
        return self::START_NM === $this->start && self::STEP_NM === $this->step && self::BANDS === \count($this->values);
    }

    /** The same on the grid of films. */
    public function onGrid(): self
    {
        if ($this->isOnGrid()) {
            return $this;
        }

        return new self(
            self::START_NM,
            self::STEP_NM,
            array_map(fn (int $i): float => $this->at(self::START_NM + self::STEP_NM * $i), range(0, self::BANDS - 1)),
        );
    }
}
