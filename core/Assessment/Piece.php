<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Anatomy\Cut;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Belief;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Finder;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Proposal;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Material\TrialResult;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/** A piece as it was looked over: its parts by half, what is wrong with them, and how far to go. */
final readonly class Piece
{
    /** @var array<string, list<Finding>> by {@see Place} */
    private array $found;
    /** A pair that cannot be replaced, or of which nobody knows what it is made of: one half is treated first, and compared when fully dry (T-8). */
    public bool $goesOneHalfFirst;

    /**
     * @param array<string, Part> $parts    by {@see Place}
     * @param list<Finding>       $findings
     * @param list<RecordedTrial> $trials
     */
    private function __construct(
        public Kind $kind,
        public Size $size,
        public Agreed $agreed,
        public array $parts,
        public array $findings,
        public array $trials,
    ) {
        $found = [];
        foreach ($findings as $finding) {
            $found[$finding->at->key][] = $finding;
        }
        $this->found = $found;
        $this->goesOneHalfFirst = $this->isRareOrUnknown();
    }

    /**
     * @param list<Part>          $parts
     * @param list<Finding>       $findings
     * @param list<RecordedTrial> $trials
     *
     * A piece may have a part that others of its cut lack: it is named among the parts
     *
     * @throws FieldError when the family lacks a part or the kind a half, a part is given twice, a finding does not fit, or a shine cannot be had
     */
    public static function of(Kind $kind, Size $size, Agreed $agreed, array $parts, array $findings, array $trials = []): self
    {
        $byPlace = [];
        foreach ($parts as $part) {
            self::mustGoWith($kind, $part->at);
            if (isset($byPlace[(string) $part->at])) {
                throw new FieldError('parts', Phrase::sentence('The %s is given twice.', $part->at->label()));
            }
            $byPlace[(string) $part->at] = $part;
        }
        self::mustShine($kind, $agreed, $byPlace);
        foreach ($findings as $finding) {
            self::mustBeOn($kind, $finding->at, $byPlace);
            self::mustFit($kind, $size, $finding, $byPlace[(string) $finding->at] ?? null);
        }
        foreach ($trials as $trial) {
            self::mustBeOn($kind, $trial->at, $byPlace);
        }

        return new self($kind, $size, $agreed, $byPlace, $findings, $trials);
    }

    /**
     * As somebody tells of it who has not looked it over here: what is unusual is taken as it is said.
     *
     * @param list<Part>          $parts    of the kind's family, whether or not its cut has them
     * @param list<Finding>       $findings at places that are among the parts
     * @param list<RecordedTrial> $trials
     */
    public static function asTold(Kind $kind, Size $size, Agreed $agreed, array $parts, array $findings, array $trials = []): self
    {
        $byPlace = [];
        foreach ($parts as $part) {
            $byPlace[$part->at->key] = $part;
        }

        return new self($kind, $size, $agreed, $byPlace, $findings, $trials);
    }

    /** @throws FieldError */
    public static function mustHave(Kind $kind, Place $at): void
    {
        if (!$kind->has($at->part)) {
            throw new FieldError('part', Phrase::sentence('%s has no %s.', Phrase::an($kind->label()), $at->part->label()));
        }
        self::mustGoWith($kind, $at);
    }

    /** @throws FieldError when no piece of this family has such a part, or the kind comes in other halves */
    public static function mustGoWith(Kind $kind, Place $at): void
    {
        $kind->anatomyOf($at->part);
        if (!\in_array($at->half, $kind->halves(), true)) {
            throw new FieldError('half', $kind->isPair()
                ? Phrase::sentence('%s comes as left and right, not as “%s”.', Phrase::an($kind->label()), $at->half->value)
                : Phrase::sentence('%s is one piece, it has no %s half.', Phrase::an($kind->label()), $at->half->value));
        }
    }

    /** @param array<string, Part> $parts */
    private static function mustBeOn(Kind $kind, Place $at, array $parts): void
    {
        if (!isset($parts[(string) $at])) {
            self::mustHave($kind, $at);
        }
    }

    public function part(Place $at): ?Part
    {
        return $this->parts[(string) $at] ?? null;
    }

    /** How far to go with a part: its own agreement, or that of the piece. */
    public function agreedAt(Place $at): Agreed
    {
        return $this->part($at)->agreed ?? $this->agreed;
    }

    /** The colour that a part is to have in the end, as {@see Agreed::colourOf()}. */
    public function colourOf(Part $part): string
    {
        return ($part->agreed ?? $this->agreed)->colourOf($part->shade);
    }

    private function isRareOrUnknown(): bool
    {
        if (!$this->kind->isPair()) {
            return false;
        }
        $unknown = true;
        foreach ($this->parts as $part) {
            if ($part->has(Flag::Irreplaceable)) {
                return true;
            }
            $unknown = $unknown && (!$part->at->part->isOuter() || Certainty::Guess === $part->certainty);
        }

        return $unknown;
    }

    /** @return list<Finding> */
    public function findingsAt(Place $at): array
    {
        return $this->found[$at->key] ?? [];
    }

    /** The odds of what a part is made of, from what is usual and from the trials that tell of it. */
    public function beliefAt(Place $at): Belief
    {
        return Finder::belief($this->kind->materialsFor($at->part), $this->resultsAt($at));
    }

    /** @return list<TrialResult> of trials that tell what it is made of */
    public function resultsAt(Place $at): array
    {
        $results = [];
        foreach ($this->trials as $trial) {
            if ($trial->result->trial->identifies() && $trial->tells($at)) {
                $results[] = $trial->result;
            }
        }

        return $results;
    }

    /** The trial of a part that settles most for the least risk; null when it is known, or nothing is worth its risk. */
    public function nextTrialAt(Place $at): ?Proposal
    {
        return Finder::next(
            $this->beliefAt($at),
            array_map(static fn (TrialResult $r): Trial => $r->trial, $this->resultsAt($at)),
            PartName::HeelStack === $at->part ? [Trial::CutEdge] : [Trial::HeelStack],
        );
    }

    /**
     * A part as its trials name it; as it is, where no trial tells of it or the name would not go with what was agreed.
     *
     * @throws FieldError when the piece has no such part
     */
    public function named(Place $at): Part
    {
        $part = $this->part($at) ?? throw new FieldError('part', Phrase::sentence('There is no %s on it.', $at->label()));
        if ([] === $this->resultsAt($at)) {
            return $part;
        }
        $belief = $this->beliefAt($at);
        try {
            $this->were([$at], $belief->likeliest());
        } catch (FieldError) {
            return $part;
        }

        return $part->but($belief->likeliest(), $belief->certainty());
    }

    /**
     * The same piece, were some parts of another material.
     *
     * @param list<Place> $places
     *
     * @throws FieldError when that could not be
     */
    public function were(array $places, Material $material): self
    {
        $parts = $this->parts;
        foreach ($places as $place) {
            $part = $parts[(string) $place];
            $parts[(string) $place] = $part->but($material, Certainty::Known);
        }

        return self::of($this->kind, $this->size, $this->agreed, array_values($parts), $this->findings, $this->trials);
    }

    /**
     * The halves that it has: both of a pair, the one that came alone, or the whole.
     *
     * @return list<Half>
     */
    public function halves(): array
    {
        $halves = [];
        foreach ($this->parts as $part) {
            $halves[$part->at->half->value] = $part->at->half;
        }

        return array_values($halves);
    }

    /** Leather to treat at a place in dm²: as measured, or a planning figure. */
    public function areaDm2(Place $at): float
    {
        $measured = $this->part($at)?->areaDm2;
        if (null !== $measured) {
            return $measured;
        }
        /** @var array<string, float> $outer shares of the outer parts that a kind has, added up once */
        static $outer = [];
        $outer[$this->kind->value] ??= array_sum(
            array_map(fn (PartName $part): float => $part->isOuter() ? $this->kind->anatomyOf($part)->share : 0.0, $this->kind->parts()),
        );

        return Cut::areaDm2($this->kind) * $this->size->areaFactor($this->kind) * $this->kind->anatomyOf($at->part)->share / $outer[$this->kind->value];
    }

    /**
     * A mirror on suede cannot be: refused for a part that was agreed on alone, or where no part of the outside could take it.
     *
     * @param array<string, Part> $parts
     */
    private static function mustShine(Kind $kind, Agreed $agreed, array $parts): void
    {
        $outer = array_filter($parts, static fn (Part $p): bool => $p->at->part->isOuter());
        $able = array_filter($outer, static fn (Part $p): bool => $p->material->takes($agreed->gloss));
        $first = array_values($outer)[0] ?? null;
        if (null !== $first && [] === $able) {
            throw new FieldError(
                'gloss',
                Phrase::sentence('%s cannot be brought to a %s shine. Agree on less shine first.', $first->material->label(), $agreed->gloss->value),
            );
        }
        foreach ($parts as $part) {
            if (null !== $part->agreed && !$part->material->takes($part->agreed->gloss)) {
                throw new FieldError(
                    'gloss',
                    Phrase::sentence(
                        'The %s is %s: it cannot be brought to a %s shine.',
                        $part->at->label(),
                        $part->material->label(),
                        $part->agreed->gloss->value,
                    ),
                );
            }
            if (null !== $part->areaDm2 && !($part->areaDm2 > 0.0 && $part->areaDm2 <= 500.0)) {
                throw new FieldError('area_dm2', Message::of('A measured area lies between 0 and 500 dm².'));
            }
        }
    }

    private static function mustFit(Kind $kind, Size $size, Finding $finding, ?Part $part): void
    {
        if (!$finding->at->part->canHave($finding->kind)) {
            throw new FieldError('kind', Phrase::sentence('%s is not found on the %s.', $finding->kind->label(), $finding->at->part->label()));
        }
        $longest = $size->longestMm($kind);
        foreach (['length_mm' => $finding->lengthMm, 'width_mm' => $finding->widthMm] as $field => $value) {
            if (($value ?? 0.0) > $longest) {
                throw new FieldError(
                    $field,
                    Phrase::sentence('%s of this size is about %d mm long; a finding on it cannot be longer.', Phrase::an($kind->label()), (int) $longest),
                );
            }
        }
        $thickness = $kind->anatomyOf($finding->at->part)->thicknessMm;
        if (($finding->depthMm ?? 0.0) > $thickness) {
            throw new FieldError(
                'depth_mm',
                Phrase::sentence('The %s is about %s mm thick; nothing in it goes deeper.', $finding->at->part->label(), (string) $thickness),
            );
        }
        if (null !== $part && Certainty::Known === $part->certainty && FindingKind::LiftedScales === $finding->kind && !$part->material->isReptile()) {
            throw new FieldError(
                'kind',
                Phrase::sentence('The %s is known to be %s: it has no scales to lift.', $finding->at->label(), $part->material->label()),
            );
        }
    }
}
