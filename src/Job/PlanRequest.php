<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Treatment\Wish\School;

/** What a plan was asked for beside the aim: schools of its own, what is not wanted, the hour; and whether hands have changed it. */
#[ORM\Embeddable]
class PlanRequest
{
    /** @var array<string, string> side by school, where the plan differs from the workshop */
    #[ORM\Column(type: 'json')]
    private array $schools = [];
    /** @var list<string> hazards and families */
    #[ORM\Column(type: 'json')]
    private array $exclude = [];
    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $readyBy = null;
    #[ORM\Column]
    private bool $byHand = false;
    /** @var array<string, int> rungs that a look has asked for, by ladder and place */
    #[ORM\Column(type: 'json')]
    private array $climbed = [];

    /** One half was treated and compared; the other stays as it is (T-8). */
    #[ORM\Column]
    private bool $oneHalfOnly = false;

    /**
     * Dyes that were chosen from the ladder.
     *
     * @var array<string, array{applicator: string, washes: list<array{dye: string, thinner: int, coats: int}>}> by part
     */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $dyes = [];

    /** @return array<string, array{applicator: string, washes: list<array{dye: string, thinner: int, coats: int}>}> by part */
    public function dyes(): array
    {
        return $this->dyes;
    }

    /** @param list<array{dye: string, thinner: int, coats: int}> $washes from light to deep; none to leave it to the plan again */
    public function dye(PartName $part, array $washes, Applicator $applicator): void
    {
        unset($this->dyes[$part->value]);
        if ([] !== $washes) {
            $this->dyes[$part->value] = ['applicator' => $applicator->value, 'washes' => $washes];
        }
    }

    /** @return array<string, string> */
    public function schools(): array
    {
        return $this->schools;
    }

    public function takeSide(School $school, ?string $side): void
    {
        unset($this->schools[$school->value]);
        if (null !== $side) {
            $this->schools[$school->value] = $side;
        }
    }

    /** @return list<Hazard|FamilyId> */
    public function exclude(): array
    {
        return self::unwanted($this->exclude);
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Hazard|FamilyId>
     */
    public static function unwanted(array $ids): array
    {
        return array_map(static fn (string $id): Hazard|FamilyId => Hazard::tryFrom($id) ?? FamilyId::from($id), $ids);
    }

    /** @param list<Hazard|FamilyId> $exclude */
    public function leaveOut(array $exclude): void
    {
        $this->exclude = array_map(static fn (Hazard|FamilyId $e): string => $e->value, $exclude);
    }

    public function readyBy(): ?\DateTimeImmutable
    {
        return $this->readyBy;
    }

    public function mustBeReady(?\DateTimeImmutable $by): void
    {
        $this->readyBy = $by;
    }

    /** @return array<string, int> */
    public function climbed(): array
    {
        return $this->climbed;
    }

    /** A look was not enough there. */
    public function climb(string $ladderAndPlace): void
    {
        $this->climbed[$ladderAndPlace] = ($this->climbed[$ladderAndPlace] ?? 0) + 1;
    }

    public function isOneHalfOnly(): bool
    {
        return $this->oneHalfOnly;
    }

    public function stopAfterOneHalf(): void
    {
        $this->oneHalfOnly = true;
    }

    public function isByHand(): bool
    {
        return $this->byHand;
    }

    public function byHand(bool $changed): void
    {
        $this->byHand = $changed;
    }
}
