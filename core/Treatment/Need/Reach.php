<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Finding\FindingKind as F;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Product\FamilyId;

/** How far colour reaches for what was found: no further than the finding asks, up to a line that hides its rim. */
enum Reach: int
{
    case None = 0;
    /** Touched in, faded out at its rim, sealed with a bud or pen. */
    case Spot = 1;
    /** Up to a line or a seam that hides it; the finish over the whole part, so that its gloss has no edge. */
    case Area = 2;
    /** The whole part, and with it its fellow on the other half (J-7). */
    case Part = 3;

    /** A mark as large as a thumbnail is touched in; so many on one part are no longer marks. */
    private const SPOT_DM2 = 0.05;
    private const SPOT_MM = 30.0;
    private const SPOTS = 5;
    /** A line so narrow is touched in along its length. */
    private const LINE_MM = 3.0;
    /** More than this of a part, or more than a hand covers, and all of it is laid. */
    private const AREA_SHARE = 0.25;
    private const AREA_DM2 = 1.0;

    /** What wears off at the surface. */
    public const WORN_OFF = [F::Faded, F::Patchy, F::Scuff, F::Scratch, F::WaterRing];
    /** Signs of age: coloured over only where patina is to be removed; where it is softened cream tones them (J-3). */
    public const PATINA = [F::DarkHandling, F::YellowedLeather];
    public const FOR_GOOD = [F::BleachedSpot, F::Peeling, F::WrongTouchUp, F::Gouge, F::Crack];
    /** It has no rim that a spot could have. */
    private const DIFFUSE = [F::Faded, F::Patchy, F::YellowedLeather, F::DarkHandling, F::WaterRing];

    public static function of(Brief $brief, Part $part): self
    {
        $own = self::own($brief, $part);
        $fellow = Half::Whole === $part->at->half ? null : $brief->piece->part($part->at->fellow());

        return null !== $fellow && self::Part !== $own && $fellow->material === $part->material && self::Part === self::own($brief, $fellow)
            ? self::Part
            : $own;
    }

    private static function own(Brief $brief, Part $part): self
    {
        if (!$brief->rebuilds($part) || $part->at->part->isInside()) {
            return self::None;
        }
        if ($brief->isRecoloured($part) && ($part->at->part->isOuter() || null !== Colouring::suited($part))) {
            return self::Part;
        }
        if (\in_array($part->material, [Material::Rubber, Material::Foam], true) && $brief->worst($part->at, F::YellowedRubber) > 3) {
            return self::Part;
        }
        $found = self::calling($brief, $part);
        if ([] === $found) {
            return self::None;
        }
        if ($part->wants(Wish::WholePart)) {
            return self::Part;
        }
        $reach = max(array_map(static fn (Finding $f): int => self::ofFinding($brief, $part, $f)->value, $found));
        $area = array_sum(array_map($brief->areaOf(...), $found));
        $whole = $brief->piece->areaDm2($part->at);
        $reach = match (true) {
            $reach < self::Area->value && (\count($found) > self::SPOTS || $area > 3.0 * self::SPOT_DM2) => self::Area,
            default => self::from($reach),
        };
        // A wash of dye has no rim that could be hidden: what is more than a spot is laid up to the seams.
        if (self::Area === $reach && (FamilyId::Paint !== Colouring::suited($part) || $area > self::AREA_DM2 || $area > self::AREA_SHARE * $whole)) {
            $reach = self::Part;
        }

        return self::Part === $reach && $part->wants(Wish::LocalOnly) ? self::Area : $reach;
    }

    /** @return list<Finding> that cream alone does not answer */
    public static function calling(Brief $brief, Part $part): array
    {
        $keeps = Patina::Remove !== ($part->agreed->patina ?? $brief->piece->agreed->patina);

        return array_values(array_filter(
            $brief->findings($part->at, ...self::WORN_OFF, ...self::FOR_GOOD, ...($keeps ? [] : self::PATINA)),
            static fn (Finding $f): bool => $f->severity->value > self::creamAnswers($brief, $part, $f) && !self::isRubbedOut($f, $part)
                && !(self::isMark($f) && ($brief->showed($part, Outcome::MarksWarmAway) || $brief->showed($part, Outcome::Undyed))),
        ));
    }

    private static function isMark(Finding $finding): bool
    {
        return \in_array($finding->kind, [F::Scuff, F::Scratch], true);
    }

    /** Up to which severity cream is enough: a mark on what is coloured through shows no pale core (T-6). */
    private static function creamAnswers(Brief $brief, Part $part, Finding $finding): int
    {
        if (\in_array($finding->kind, self::FOR_GOOD, true)) {
            return 0;
        }

        return self::isMark($finding) && $part->material->takesCream() && $brief->showed($part, Outcome::ColouredThrough) ? 2 : 1;
    }

    /** Natural, waxed and hand-stained leather is not coloured for a mark: it is rubbed, warmed, fed and burnished. */
    public static function isRubbedOut(Finding $finding, Part $part): bool
    {
        return match ($part->material) {
            Material::VegTan, Material::Waxy => F::BleachedSpot !== $finding->kind,
            Material::Burnished => \in_array($finding->kind, [F::Scuff, F::Scratch, F::WaterRing], true),
            default => false,
        };
    }

    private static function ofFinding(Brief $brief, Part $part, Finding $finding): self
    {
        $length = $finding->lengthMm;
        $width = $finding->widthMm;
        if (null !== $length && null !== $width && $length * $width > 0.0) {
            $area = $brief->areaOf($finding);

            return match (true) {
                $area <= self::SPOT_DM2 && max($length, $width) <= self::SPOT_MM, min($length, $width) <= self::LINE_MM => self::Spot,
                default => self::Area,
            };
        }
        if (null !== $length && $length > 0.0 && null === $width && F::Scratch === $finding->kind) {
            return self::Spot;
        }
        if (null !== $finding->share) {
            return self::Area;
        }

        return match (true) {
            PartName::Midsole === $part->at->part && F::Scuff !== $finding->kind, \in_array($finding->kind, self::DIFFUSE, true) => self::Part,
            $finding->severity->atLeast(Severity::FirstThingSeen) => self::Part,
            default => self::Spot,
        };
    }
}
