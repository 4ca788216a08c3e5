<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Illuminant;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Observer;
use KindHeel\Core\Colour\SmoothestReflectance;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Text\Message;

/** The colour aimed at, under each light that counts and by how much it counts. */
final readonly class Target
{
    /**
     * @param non-empty-list<Light> $lights
     * @param non-empty-list<float> $weights  add up to 1
     * @param non-empty-list<Lab>   $labs
     * @param Spectrum              $spectrum as it was measured, or the smoothest that has the colour
     */
    private function __construct(public array $lights, public array $weights, public array $labs, public Spectrum $spectrum, public bool $measured)
    {
    }

    /**
     * @param array<string, float> $weights by illuminant
     *
     * @throws ColourError when no light has a weight above 0
     */
    public static function spectrum(Spectrum $spectrum, array $weights = ['D65' => 1.0], Observer $observer = Observer::TwoDegrees): self
    {
        $sum = array_sum($weights);
        $lights = $shares = $labs = [];
        foreach ($weights as $id => $weight) {
            if (!is_finite($weight) || $weight < 0.0) {
                throw new ColourError(Message::of('The weight of a light is a number of at least 0.'));
            }
            $lights[] = $light = Light::of(Illuminant::from((string) $id), $observer);
            $labs[] = $light->lab($spectrum);
            $shares[] = $sum > 0.0 ? $weight / $sum : 0.0;
        }
        if ($sum <= 0.0 || [] === $lights) {
            throw new ColourError(Message::of('At least one light must count.'));
        }

        return new self($lights, $shares, $labs, $spectrum, true);
    }

    public static function lab(Lab $lab, ?Light $light = null): self
    {
        $light ??= Light::daylight();

        return new self([$light], [1.0], [$lab], SmoothestReflectance::of($lab, $light), false);
    }

    /**
     * ΔE00 under each light.
     *
     * @return non-empty-list<float>
     */
    public function differences(Spectrum $look): array
    {
        return array_map(static fn (Light $light, Lab $lab): float => Difference::ciede2000($lab, $light->lab($look)), $this->lights, $this->labs);
    }

    public function difference(Spectrum $look): float
    {
        $sum = 0.0;
        foreach ($this->differences($look) as $i => $dE) {
            $sum += $this->weights[$i] * $dE;
        }

        return $sum;
    }

    /** The light, of all there are, under which it differs most; null where the target is a colour without a spectrum. */
    public function worst(Spectrum $look): ?WorstLight
    {
        if (!$this->measured) {
            return null;
        }
        $worst = null;
        foreach (Illuminant::cases() as $illuminant) {
            $light = Light::of($illuminant, $this->lights[0]->observer);
            $dE = Difference::ciede2000($light->lab($this->spectrum), $light->lab($look));
            if (null === $worst || $dE > $worst->dE00) {
                $worst = new WorstLight($illuminant, $dE);
            }
        }

        return $worst;
    }
}
