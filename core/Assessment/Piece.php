<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

/** A piece as it was looked over: its parts by half, what is wrong with them, and how far to go. */
final readonly class Piece
{
    /**
     * @param array<string, Part> $parts    by {@see Place}
     * @param list<Finding>       $findings
     */
    private function __construct(
        public Kind $kind,
        public float $sizeEu,
        public Aim $aim,
        public Gloss $gloss,
        public array $parts,
        public array $findings,
    ) {
    }

    /**
     * @param list<Part>    $parts
     * @param list<Finding> $findings
     *
     * @throws AssessmentError when the kind lacks a part or a half, a part is given twice, or a finding does not fit
     */
    public static function of(Kind $kind, float $sizeEu, Aim $aim, Gloss $gloss, array $parts, array $findings): self
    {
        if (!($sizeEu >= 15.0 && $sizeEu <= 55.0)) {
            throw new AssessmentError('size_eu', 'A shoe size (EU) lies between 15 and 55.');
        }
        $byPlace = [];
        foreach ($parts as $part) {
            self::mustHave($kind, $part->at);
            if (isset($byPlace[(string) $part->at])) {
                throw new AssessmentError('parts', \sprintf('The %s %s is given twice.', $part->at->half->value, $part->at->part->label()));
            }
            $byPlace[(string) $part->at] = $part;
        }
        foreach ($findings as $finding) {
            self::mustHave($kind, $finding->at);
            if (($finding->lengthMm ?? 0.0) > self::longestMm($sizeEu)) {
                throw new AssessmentError('length_mm', \sprintf('A size %s shoe is about %d mm long; the finding cannot be longer.', rtrim(rtrim(number_format($sizeEu, 1, '.', ''), '0'), '.'), self::longestMm($sizeEu)));
            }
        }

        return new self($kind, $sizeEu, $aim, $gloss, $byPlace, $findings);
    }

    /** Two thirds of a centimetre a size (the Paris point), a centimetre over. */
    public static function longestMm(float $sizeEu): float
    {
        return round($sizeEu * 20.0 / 3.0 + 10.0);
    }

    /** @throws AssessmentError */
    public static function mustHave(Kind $kind, Place $at): void
    {
        if (!$kind->has($at->part)) {
            throw new AssessmentError('part', \sprintf('A %s has no %s.', $kind->label(), $at->part->label()));
        }
        if (!\in_array($at->half, $kind->halves(), true)) {
            throw new AssessmentError('half', \sprintf('A %s comes as left and right, not as “%s”.', $kind->label(), $at->half->value));
        }
    }

    public function part(Place $at): ?Part
    {
        return $this->parts[(string) $at] ?? null;
    }

    /** @return list<Finding> */
    public function findingsAt(Place $at): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $f): bool => $f->at->is($at)));
    }

    /** Leather to treat at a place in dm², a planning figure until it is measured. */
    public function areaDm2(Place $at): float
    {
        $shares = array_sum(array_map(
            static fn (PartName $part): float => $part->isUpper() ? $part->shareOfHalf() : 0.0,
            $this->kind->parts(),
        ));

        return $this->kind->areaOfHalfDm2($this->sizeEu) * $at->part->shareOfHalf() / $shares;
    }
}
