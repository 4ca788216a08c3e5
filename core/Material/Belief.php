<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

/** How likely each material is that a part may be made of; the probabilities add up to 1. */
final readonly class Belief
{
    /** Above this a material is named, above the other it is as good as known. */
    private const LIKELY = 0.7;
    private const KNOWN = 0.985;
    /** Each further material of a list is so much rarer than the one before it. */
    private const RARER = 0.8;

    /** @param non-empty-array<string, float> $probabilities by material id, the likeliest first */
    private function __construct(private array $probabilities)
    {
    }

    /** @param non-empty-list<Material> $candidates the usual one first */
    public static function among(array $candidates): self
    {
        $weights = [];
        foreach ($candidates as $i => $material) {
            $weights[$material->value] = self::RARER ** $i;
        }

        return self::normalised($weights);
    }

    /** Bayes' rule: what was believed, times how often each material shows this. */
    public function after(TrialResult $result): self
    {
        return self::normalised($this->weights($result));
    }

    public function of(Material $material): float
    {
        return $this->probabilities[$material->value] ?? 0.0;
    }

    public function likeliest(): Material
    {
        return Material::from(array_key_first($this->probabilities));
    }

    public function certainty(): Certainty
    {
        $top = $this->of($this->likeliest());

        return match (true) {
            $top >= self::KNOWN => Certainty::Known,
            $top >= self::LIKELY => Certainty::Likely,
            default => Certainty::Guess,
        };
    }

    /** @return list<Material> those that are at least so likely, the likeliest first */
    public function atLeast(float $probability): array
    {
        return array_map(Material::from(...), array_keys(array_filter($this->probabilities, static fn (float $p): bool => $p >= $probability)));
    }

    /** How likely a trial ends so, whatever the material. */
    public function chanceOf(TrialResult $result): float
    {
        return array_sum($this->weights($result));
    }

    /** Bits that are expected to be left unknown once a trial is done: Shannon's entropy after each outcome, weighted by how likely it ends so. */
    public function entropyAfter(Trial $trial): float
    {
        $left = 0.0;
        foreach ($trial->outcomes() as $outcome) {
            $weights = $this->weights(new TrialResult($trial, $outcome));
            $chance = array_sum($weights);
            foreach ($weights as $weight) {
                $left -= $weight > 0.0 ? $weight * log($weight / $chance, 2) : 0.0;
            }
        }

        return $left;
    }

    /** Shannon's entropy in bits: how much is not known. */
    public function entropy(): float
    {
        $bits = 0.0;
        foreach ($this->probabilities as $probability) {
            $bits -= $probability > 0.0 ? $probability * log($probability, 2) : 0.0;
        }

        return $bits;
    }

    /** @return non-empty-array<string, float> by material id: how likely it is so, and shows this */
    private function weights(TrialResult $result): array
    {
        $weights = [];
        foreach ($this->probabilities as $id => $probability) {
            $weights[$id] = $probability * Material::from($id)->shows($result);
        }

        return $weights;
    }

    /** @param non-empty-array<string, float> $weights */
    private static function normalised(array $weights): self
    {
        arsort($weights);
        $sum = array_sum($weights);

        return new self(array_map(static fn (float $w): float => $w / $sum, $weights));
    }
}
