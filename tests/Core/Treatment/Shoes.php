<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\RecordedTrial;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Material\TrialResult;
use KindHeel\Core\Product\FamilyId;

/** Pairs of shoes for stories about planning. */
final class Shoes
{
    private Kind $kind = Kind::Derby;
    private float $sizeEu = 42.0;
    private Aim $aim = Aim::Freshen;
    private Gloss $gloss = Gloss::Satin;
    private Material $upper = Material::Pigmented;
    private Certainty $certainty = Certainty::Known;
    /** @var array<string, Dryness> */
    private array $dryness = [];
    /** @var array<string, Material> */
    private array $materials = [];
    /** @var array<string, list<Flag>> */
    private array $flags = [];
    /** @var array<string, Shade> */
    private array $shades = [];
    /** @var array<string, list<Wish>> */
    private array $wishes = [];
    private ?Shade $newShade = null;
    /** @var list<Finding> */
    private array $findings = [];
    /** @var list<RecordedTrial> */
    private array $trials = [];
    private bool $asTold = false;

    public static function pair(Kind $kind = Kind::Derby): self
    {
        $shoes = new self();
        $shoes->kind = $kind;

        return $shoes;
    }

    public static function place(string $place): Place
    {
        [$half, $part] = explode('/', $place);

        return new Place(PartName::from($part), Half::from($half));
    }

    public function of(Material $upper, Certainty $certainty = Certainty::Known): self
    {
        $this->upper = $upper;
        $this->certainty = $certainty;

        return $this;
    }

    public function to(Aim $aim, Gloss $gloss = Gloss::Satin): self
    {
        $this->aim = $aim;
        $this->gloss = $gloss;

        return $this;
    }

    public function sized(float $eu): self
    {
        $this->sizeEu = $eu;

        return $this;
    }

    public function dry(string $place, Dryness $dryness): self
    {
        $this->dryness[$place] = $dryness;

        return $this;
    }

    /** All of the upper. */
    public function thirsty(): self
    {
        foreach ($this->kind->halves() as $half) {
            foreach ($this->kind->parts() as $part) {
                if ($part->isOuter()) {
                    $this->dryness[$half->value.'/'.$part->value] = Dryness::Thirsty;
                }
            }
        }

        return $this;
    }

    public function made(string $place, Material $material): self
    {
        $this->materials[$place] = $material;

        return $this;
    }

    public function flagged(string $place, Flag ...$flags): self
    {
        $this->flags[$place] = array_values($flags);

        return $this;
    }

    public function shade(string $place, Shade $shade): self
    {
        $this->shades[$place] = $shade;

        return $this;
    }

    public function wishing(string $place, Wish ...$wishes): self
    {
        $this->wishes[$place] = array_values($wishes);

        return $this;
    }

    public function recoloured(Shade $shade): self
    {
        $this->newShade = $shade;

        return $this->to(Aim::Recolour, $this->gloss);
    }

    public function with(string $place, FindingKind $kind, int $severity = 2): self
    {
        $this->findings[] = new Finding(self::place($place), $kind, Severity::from($severity));

        return $this;
    }

    /** A place of any material with anything found on it, as somebody tells of it who has not looked it over here. */
    public function told(string $place, Material $material, FindingKind $kind, int $severity): self
    {
        $this->asTold = true;

        return $this->made($place, $material)->with($place, $kind, $severity);
    }

    /** A larger finding, in mm. */
    public function measured(string $place, FindingKind $kind, int $severity, float $lengthMm, ?float $widthMm = null, ?float $depthMm = null): self
    {
        $this->findings[] = new Finding(self::place($place), $kind, Severity::from($severity), $lengthMm, $widthMm, $depthMm);

        return $this;
    }

    public function tried(string $place, Trial $trial, Outcome $outcome, ?FamilyId $product = null): self
    {
        $this->trials[] = new RecordedTrial(self::place($place), [], new TrialResult($trial, $outcome), $product);

        return $this;
    }

    /** A place that every cut of this kind has. */
    public static function first(Kind $kind): string
    {
        return $kind->halves()[0]->value.'/'.$kind->parts()[0]->value;
    }

    public function piece(): Piece
    {
        $parts = [];
        foreach ($this->kind->halves() as $half) {
            foreach ($this->kind->parts() as $name) {
                $place = $half->value.'/'.$name->value;
                $parts[] = new Part(
                    new Place($name, $half),
                    $this->materials[$place] ?? ($name->isOuter() ? $this->upper : $this->kind->materialsFor($name)[0]),
                    $name->isOuter() ? $this->certainty : Certainty::Known,
                    $this->dryness[$place] ?? Dryness::Supple,
                    $this->shades[$place] ?? Shade::Chestnut,
                    $this->flags[$place] ?? [],
                    wishes: $this->wishes[$place] ?? [],
                );
            }
        }

        if ($this->asTold) {
            $told = array_values(array_filter($parts, fn (Part $p): bool => $p->at->part === $this->findings[0]->at->part));

            return Piece::asTold(
                $this->kind,
                Size::eu($this->sizeEu),
                new Agreed($this->aim, $this->gloss, newShade: $this->newShade),
                $told,
                $this->findings,
                $this->trials
            );
        }

        return Piece::of(
            $this->kind,
            $this->kind->family()->isFootwear() ? Size::eu($this->sizeEu) : Size::usual($this->kind),
            new Agreed($this->aim, $this->gloss, newShade: $this->newShade),
            $parts,
            $this->findings,
            $this->trials,
        );
    }
}
