<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\RecordedTrial;
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
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Treatment\Wish\School;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Pieces of all families in any state, and what may be wished for them: the same number always gives the same. */
final class AnyPiece
{
    private Randomizer $dice;

    private function __construct(int $number)
    {
        $this->dice = new Randomizer(new Xoshiro256StarStar($number));
    }

    public static function of(int $number, ?Kind $kind = null, ?Aim $aim = null, int $findings = 2): Piece
    {
        return (new self($number))->piece($kind, $aim, $findings);
    }

    public static function wishes(int $number): Wishes
    {
        $self = new self($number);
        $schools = Schools::usual();
        foreach (School::cases() as $school) {
            if ($self->once(6)) {
                $schools = $schools->with($school, (string) $self->pick(array_keys($school->sides())));
            }
        }

        return new Wishes($schools, [...($self->once(4) ? [$self->pick(Hazard::cases())] : []), ...($self->once(4) ? [$self->pick(FamilyId::cases())] : [])]);
    }

    private function piece(?Kind $kind, ?Aim $aim, int $findings): Piece
    {
        $kind ??= $this->pick(Kind::cases());
        $outer = $this->pick($kind->materialsFor($kind->parts()[0]));
        $parts = [];
        $found = [];
        $trials = [];
        foreach ($kind->halves() as $half) {
            foreach ($kind->parts() as $name) {
                $at = new Place($name, $half);
                $usual = $this->pick($kind->materialsFor($name));
                $parts[] = new Part(
                    $at,
                    $name->isOuter() && !$this->once(5) ? $outer : ($this->once(30) ? $this->pick(Material::cases()) : $usual),
                    $this->once(8) ? $this->pick(Certainty::cases()) : Certainty::Known,
                    $this->pick([Dryness::Supple, Dryness::Supple, Dryness::Thirsty, Dryness::Stiff]),
                    $this->pick(Shade::cases()),
                    $this->once(6) ? [$this->pick(Flag::cases())] : [],
                    null,
                    $this->once(12) ? new Agreed($this->pick(Aim::cases())) : null,
                );
                for ($i = $this->dice->getInt(0, $findings); $i > 0; --$i) {
                    $found[] = new Finding(
                        $at,
                        $this->finding(),
                        Severity::from($this->dice->getInt(0, 4)),
                        $this->once(2) ? (float) $this->dice->getInt(1, 80) : null,
                        $this->once(2) ? (float) $this->dice->getInt(1, 30) : null,
                        $this->once(3) ? $this->dice->getInt(0, 25) / 10.0 : null,
                    );
                }
                if ($this->once(15)) {
                    $trials[] = new RecordedTrial(
                        $at,
                        [],
                        new TrialResult(Trial::Product, $this->pick(Trial::Product->outcomes())),
                        $this->pick(FamilyId::cases()),
                    );
                }
                if ($this->once(40)) {
                    $trials[] = new RecordedTrial($at, [], new TrialResult(Trial::WhiteCloth, Outcome::ColourOffDamp));
                }
            }
        }

        return Piece::asTold(
            $kind,
            $kind->family()->isFootwear() ? Size::eu(42.0) : Size::usual($kind),
            new Agreed($aim ?? $this->pick(Aim::cases()), $this->pick(Gloss::cases())),
            $parts,
            $found,
            $trials,
        );
    }

    /** Anything but what sends the whole piece away. */
    private function finding(): FindingKind
    {
        return $this->pick(
            array_values(
                array_filter(
                    FindingKind::cases(),
                    static fn (FindingKind $k): bool => !\in_array($k, [FindingKind::Brittle, FindingKind::RedRot, FindingKind::Impact], true),
                ),
            ),
        );
    }

    private function once(int $in): bool
    {
        return 1 === $this->dice->getInt(1, $in);
    }

    /**
     * @template T
     *
     * @param non-empty-array<T> $from
     *
     * @return T
     */
    private function pick(array $from): mixed
    {
        return array_values($from)[$this->dice->getInt(0, \count($from) - 1)];
    }
}
