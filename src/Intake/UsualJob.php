<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\StoredPiece;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\FieldError;

/** A job that comes again and again: how far to go, and what is usually found. */
#[ORM\Entity]
#[ORM\Table(name: 'usual_job')]
class UsualJob
{
    /** All of the outside. */
    public const OUTSIDE = 'outside';

    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    /**
     * @param list<string>                                         $families to which it is offered, by value; all where empty
     * @param list<array{on: string, kind: string, severity: int}> $findings `on` is a part, or all of the outside
     */
    public function __construct(
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column(type: 'json')]
        private array $families,
        #[ORM\Column(length: 20)]
        private Aim $aim,
        #[ORM\Column(length: 20)]
        private Gloss $gloss,
        #[ORM\Column(length: 20)]
        private Patina $patina,
        #[ORM\Column(length: 30, nullable: true)]
        private ?Material $material,
        #[ORM\Column(length: 20, nullable: true)]
        private ?Dryness $dryness,
        #[ORM\Column(type: 'json')]
        private array $findings,
    ) {
    }

    /** As it was found on a piece: on every part alike it is the outside. */
    public static function like(StoredPiece $piece, string $name): self
    {
        $core = $piece->toCore();
        $outer = array_values(array_filter($core->parts, static fn ($p): bool => $p->at->part->isOuter()));
        $names = array_values(array_unique(array_map(static fn ($p): string => $p->at->part->value, $outer)));
        /** @var array<string, list<string>> $found parts, by kind and severity */
        $found = [];
        foreach ($core->findings as $finding) {
            if (Severity::None !== $finding->severity) {
                $found[$finding->kind->value.'/'.$finding->severity->value][] = $finding->at->part->value;
            }
        }
        $findings = [];
        foreach ($found as $what => $parts) {
            [$kind, $severity] = explode('/', $what);
            $everywhere = [] === array_diff($names, $parts);
            foreach (array_unique($everywhere ? [self::OUTSIDE, ...array_diff($parts, $names)] : $parts) as $on) {
                $findings[] = ['on' => $on, 'kind' => $kind, 'severity' => (int) $severity];
            }
        }
        $materials = array_unique(array_map(static fn ($p): string => $p->material->value, $outer));
        $dryness = array_unique(array_map(static fn ($p): string => $p->dryness->value, $outer));
        $agreed = $core->agreed;

        return new self(
            $name,
            [$core->kind->family()->value],
            $agreed->aim,
            $agreed->gloss,
            $agreed->patina,
            1 === \count($materials) ? Material::from(array_values($materials)[0]) : null,
            1 === \count($dryness) ? Dryness::from(array_values($dryness)[0]) : null,
            $findings,
        );
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function name(): string
    {
        return $this->name;
    }

    public function isAsFar(Aim $aim): bool
    {
        return $this->aim === $aim;
    }

    public function isFor(PieceFamily $family): bool
    {
        return [] === $this->families || \in_array($family->value, $this->families, true);
    }

    /**
     * Aim and gloss are offered with the job; what the ticket says of them goes before it.
     *
     * @throws FieldError when it does not go with that piece; then nothing is stored
     */
    public function writeOn(StoredPiece $piece): void
    {
        $agreed = $piece->toCore()->agreed;
        $piece->agree(new Agreed($agreed->aim, $agreed->gloss, $this->patina));
        $outer = array_values(array_filter($piece->toCore()->parts, static fn ($p): bool => $p->at->part->isOuter()));
        if (null !== $this->material || null !== $this->dryness) {
            $piece->lookOver(...array_map(fn ($p) => $p->but($this->material, null === $this->material ? null : Certainty::Likely, $this->dryness), $outer));
        }
        foreach ($this->findings as $finding) {
            $kind = FindingKind::from($finding['kind']);
            foreach ($this->places($piece->kind(), $finding['on']) as $at) {
                try {
                    $piece->mark(new Finding($at, $kind, Severity::from($finding['severity'])));
                } catch (FieldError) {
                    // What is never found on such a part is not found on it.
                    continue;
                }
            }
        }
    }

    public function view(): UsualJobView
    {
        return new UsualJobView($this->id(), $this->name, array_map(PieceFamily::from(...), $this->families), $this->aim, $this->gloss);
    }

    /** @return list<Place> */
    private function places(Kind $kind, string $on): array
    {
        $places = [];
        foreach ($kind->halves() as $half) {
            foreach ($kind->parts() as $part) {
                if (self::OUTSIDE === $on ? $part->isOuter() : PartName::tryFrom($on) === $part) {
                    $places[] = new Place($part, $half);
                }
            }
        }

        return $places;
    }
}
