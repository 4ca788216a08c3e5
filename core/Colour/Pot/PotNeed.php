<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\DryFilm;
use KindHeel\Core\Quantity\Need;
use KindHeel\Core\Text\Message;

/** How much colour a job takes: all coats on both halves and a fifth kept back (Q-2, Q-4), in whole drops (Q-6). */
final readonly class PotNeed
{
    /**
     * @param float $layMl  what the coats take, with what the tool does not pass on and what stays behind in it
     * @param float $keptMl kept back for later touch-up
     * @param int   $drops  of both, rounded up
     * @param float $dryUm  film that the coats build up
     * @param int   $coats  on the place that gets most
     * @param float $dropMl a drop of this pot
     */
    private function __construct(
        public float $layMl,
        public float $keptMl,
        public int $drops,
        public float $dryUm,
        public int $coats,
        public float $dropMl,
    ) {
    }

    /**
     * @param float $areaDm2  of both halves
     * @param float $usePerM2 ml of a coat on a square metre
     *
     * @throws ColourError
     */
    public static function of(float $areaDm2, float $usePerM2, int $coats, Applicator $applicator, float $dropMl = Need::DROP_ML): self
    {
        if (!($areaDm2 > 0.0) || $coats < 1 || !($dropMl > 0.0)) {
            throw new ColourError(Message::of('A pot is for an area, coats and drops of some size.'));
        }
        $need = Need::of($areaDm2, $usePerM2, $coats, $applicator->transfer(), $applicator->potLossMl(), Need::KEPT_BACK);

        return new self($need->laid, $need->kept, $need->drops($dropMl), $coats * $applicator->dryMicrons(), $coats, $dropMl);
    }

    /**
     * For coats that are planned: what each takes is known.
     *
     * @param float $coatsMl of all of them, with what the tool does not pass on
     * @param int   $coats   on the place that gets most
     *
     * @throws ColourError
     */
    public static function planned(float $coatsMl, int $coats, Applicator $applicator, float $dropMl = Need::DROP_ML): self
    {
        if (!($coatsMl > 0.0) || $coats < 1 || !($dropMl > 0.0)) {
            throw new ColourError(Message::of('A pot is for an area, coats and drops of some size.'));
        }
        $need = Need::poured($coatsMl, $applicator->potLossMl(), Need::KEPT_BACK);

        return new self($need->laid, $need->kept, $need->drops($dropMl), $coats * $applicator->dryMicrons(), $coats, $dropMl);
    }

    /** What one coat of them takes, on the average. */
    public function coatMl(): float
    {
        return $this->layMl / $this->coats;
    }

    /** Whether the film would crack where the part bends (J-4). */
    public function cracks(float $filmThereUm, bool $flexes): bool
    {
        return $flexes && $filmThereUm + $this->dryUm > DryFilm::CRACKS_FROM_UM;
    }

    /** What is said where the film would crack; null where it would not. */
    public function caution(float $filmThereUm, bool $flexes): ?string
    {
        return !$this->cracks($filmThereUm, $flexes) ? null : Message::of(
            'With %d µm there already and %d to come the film would crack where it bends: strip first, lay thinner, or use a base that covers.',
            (int) $filmThereUm,
            (int) $this->dryUm,
        );
    }
}
