<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Settling;

use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;

/**
 * How what a product darkened comes back on a kind of leather: which share of it stays, and how fast the rest goes.
 *
 * Until leathers here have taught it, the shares are figures for planning: light cream comes back most of the way, oil darkens for
 * good. Nine tenths of what comes back have come back between the moment when the next product may follow and that of full rest (their
 * geometric mean).
 */
final readonly class SettlingHabit
{
    private const STAYS = [
        'conditioner-light' => 0.10, 'conditioner' => 0.20, 'oil' => 0.70, 'heavy-wax' => 0.60, 'resin' => 0.60, 'topcoat' => 0.35, 'repellent' => 0.15,
        'cleaner-cream' => 0.10, 'cream' => 0.30,
    ];
    /** Standard deviation of the share, before and after much has been seen. */
    private const UNSURE = 0.2;
    private const SURE = 0.07;
    /** A figure for planning counts as much as so many pieces. */
    private const WORTH = 2.0;

    /**
     * @param float $stays  share of the change that stays, 0–1
     * @param float $unsure standard deviation of that share
     * @param float $hours  in which what comes back falls to a third and a bit (e⁻¹)
     * @param int   $seen   pieces that have taught it
     */
    private function __construct(public float $stays, public float $unsure, public float $hours, public int $seen)
    {
    }

    /** @throws \LogicException for what is not {@see isWatched()} */
    public static function usual(FamilyId $family): self
    {
        $drying = Family::of($family)->drying;
        $stays = self::STAYS[$family->value] ?? throw new \LogicException('Not watched: '.$family->value);

        return new self($stays, self::UNSURE, max(10.0, sqrt($drying->nextMinutes * $drying->fullMinutes)) / 60.0 / log(10.0), 0);
    }

    /**
     * What similar skins did here.
     *
     * @param list<float> $seen shares that stayed for good
     */
    public static function learned(FamilyId $family, array $seen): self
    {
        $usual = self::usual($family);
        $n = \count($seen);
        $stays = (array_sum($seen) + self::WORTH * $usual->stays) / ($n + self::WORTH);
        $unsure = self::SURE + (self::UNSURE - self::SURE) * self::WORTH / ($n + self::WORTH);

        return new self($stays, $unsure, $usual->hours, $n);
    }

    /** It darkens leather for a while, so that its way back is worth watching (W-10). */
    public static function isWatched(FamilyId $family): bool
    {
        return isset(self::STAYS[$family->value]);
    }
}
