<?php

declare(strict_types=1);

namespace KindHeel\Core\Quantity;

use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;

/** How much of a product is taken from the shelf for its coats, in its unit, ml or g (Q-2, Q-4). */
final readonly class Need
{
    /** A drop, until twenty of them were counted into a measure (Q-6). */
    public const DROP_ML = 0.045;
    /** For later touch-up, of what is mixed (Q-4). */
    public const KEPT_BACK = 0.2;

    /**
     * @param float $laid what the coats take, with what the tool does not pass on and what stays behind in it
     * @param float $kept kept back beside that
     */
    private function __construct(public float $laid, public float $kept)
    {
    }

    /**
     * Area × use per coat × coats ÷ transfer, and what stays in the pot.
     *
     * @param float $usePerM2 of one coat
     * @param float $transfer share that the tool passes on, above 0 to 1
     * @param float $loss     once a pot
     * @param float $keptBack share of all that, on top of it
     *
     * @throws FieldError
     */
    public static function of(float $areaDm2, float $usePerM2, int $coats, float $transfer, float $loss = 0.0, float $keptBack = 0.0): self
    {
        foreach (['area_dm2' => $areaDm2, 'use_per_m2' => $usePerM2, 'coats' => $coats, 'transfer' => $transfer] as $field => $size) {
            if (!($size > 0)) {
                throw new FieldError($field, Message::of('An amount is for an area, coats and a product that is used up.'));
            }
        }

        return self::poured($areaDm2 / 100.0 * $usePerM2 * $coats / $transfer, $loss, $keptBack);
    }

    /** What the coats take is known already, of one step or of several that share a pot. */
    public static function poured(float $coats, float $loss, float $keptBack): self
    {
        $laid = $coats + $loss;

        return new self($laid, $laid * $keptBack);
    }

    public function amount(): float
    {
        return $this->laid + $this->kept;
    }

    public function drops(float $dropMl): int
    {
        return RoundUp::whole($this->amount() / $dropMl);
    }

    /** Beyond what is there. */
    public function short(float $onHand): float
    {
        return max(0.0, $this->amount() - $onHand);
    }

    /** To be opened for what is not there. */
    public function packs(float $pack, float $onHand = 0.0): int
    {
        return RoundUp::whole($this->short($onHand) / $pack);
    }
}
