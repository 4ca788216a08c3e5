<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Counter\Ticket;
use KindHeel\App\Plan\StoredStep;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\AssessmentError;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Gloss;
use KindHeel\Core\Assessment\Kind;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\Place;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Treatment\Planning\Plan;

/** A piece on a ticket, as it is stored: assessed, then planned, then worked. */
#[ORM\Entity]
#[ORM\Table(name: 'piece')]
class StoredPiece
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /** Counts changes of the assessment; the plan keeps the number it was made from. */
    #[ORM\Column]
    private int $assessed = 0;

    #[ORM\Column(nullable: true)]
    private ?int $plannedFrom = null;

    /** @var array<string, mixed> */
    /** @var array<string, mixed> */
    #[ORM\Column(type: 'json')]
    private array $remarks = [];

    #[ORM\Column]
    private float $elapsedMinutes = 0.0;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $finishedAt = null;

    /** @var Collection<int, StoredPart> */
    #[ORM\OneToMany(targetEntity: StoredPart::class, mappedBy: 'piece', cascade: ['persist'], orphanRemoval: true)]
    private Collection $parts;

    /** @var Collection<int, StoredFinding> */
    #[ORM\OneToMany(targetEntity: StoredFinding::class, mappedBy: 'piece', cascade: ['persist'], orphanRemoval: true)]
    private Collection $findings;

    /** @var Collection<int, StoredStep> */
    #[ORM\OneToMany(targetEntity: StoredStep::class, mappedBy: 'piece', cascade: ['persist'], orphanRemoval: true)]
    #[ORM\OrderBy(['position' => 'ASC'])]
    private Collection $steps;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'pieces'), ORM\JoinColumn(nullable: false)]
        private Ticket $ticket,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(length: 20)]
        private Kind $kind,
        #[ORM\Column]
        private float $sizeEu,
        #[ORM\Column(length: 20)]
        private Aim $aim,
        #[ORM\Column(length: 20)]
        private Gloss $gloss,
        Shade $shade,
    ) {
        $this->parts = new ArrayCollection();
        $this->findings = new ArrayCollection();
        $this->steps = new ArrayCollection();
        foreach ($kind->halves() as $half) {
            foreach ($kind->parts() as $part) {
                // Until somebody has looked it is the likeliest material, and no more than a guess.
                $material = Kind::materialsFor($part)[0];
                $this->parts->add(new StoredPart($this, new Part(new Place($part, $half), $material, $part->isUpper() ? Certainty::Guess : Certainty::Likely, shade: $shade)));
            }
        }
        $ticket->add($this);
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function ticket(): Ticket
    {
        return $this->ticket;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function kind(): Kind
    {
        return $this->kind;
    }

    public function version(): int
    {
        return $this->version;
    }

    /** @throws AssessmentError */
    public function toCore(): Piece
    {
        return Piece::of(
            $this->kind,
            $this->sizeEu,
            $this->aim,
            $this->gloss,
            array_values($this->parts->map(static fn (StoredPart $p): Part => $p->toCore())->toArray()),
            array_values($this->findings->map(static fn (StoredFinding $f): Finding => $f->toCore())->toArray()),
        );
    }

    /**
     * The same knowledge for one or several places.
     *
     * @throws AssessmentError when the kind lacks a place
     */
    public function lookOver(Part ...$parts): void
    {
        foreach ($parts as $part) {
            Piece::mustHave($this->kind, $part->at);
            foreach ($this->parts as $stored) {
                if ($stored->isAt($part->at)) {
                    $stored->update($part);
                }
            }
        }
        ++$this->assessed;
    }

    public function partAt(Place $place): ?Part
    {
        foreach ($this->parts as $stored) {
            if ($stored->isAt($place)) {
                return $stored->toCore();
            }
        }

        return null;
    }

    /** @throws AssessmentError when it does not fit the piece; then nothing has changed */
    public function mark(Finding $finding): StoredFinding
    {
        $stored = new StoredFinding($this, $finding);
        $this->findings->add($stored);
        try {
            $this->toCore();
        } catch (AssessmentError $error) {
            $this->findings->removeElement($stored);
            throw $error;
        }
        ++$this->assessed;

        return $stored;
    }

    public function unmark(int $findingId): bool
    {
        foreach ($this->findings as $finding) {
            if ($finding->id() === $findingId) {
                $this->findings->removeElement($finding);
                ++$this->assessed;

                return true;
            }
        }

        return false;
    }

    public function agree(Aim $aim, Gloss $gloss): void
    {
        $this->aim = $aim;
        $this->gloss = $gloss;
        ++$this->assessed;
    }

    public function hasBegun(): bool
    {
        return $this->steps->exists(static fn (int $i, StoredStep $s): bool => !$s->isOpen());
    }

    /** @throws \LogicException when work has begun: what was done cannot be planned away */
    public function forgetPlan(): void
    {
        if ($this->hasBegun()) {
            throw new \LogicException('Work has begun.');
        }
        $this->steps->clear();
    }

    public function take(Plan $plan): void
    {
        $this->forgetPlan();
        foreach ($plan->steps as $position => $step) {
            $this->steps->add(new StoredStep($this, $position + 1, $step));
        }
        $this->remarks = ['refused' => $plan->refused, 'referrals' => $plan->referrals, 'tellOwner' => $plan->tellOwner];
        $this->elapsedMinutes = $plan->elapsedMinutes;
        $this->plannedFrom = $this->assessed;
    }

    /** Handed over: it is no longer in the workshop, whatever was left undone. */
    public function finish(\DateTimeImmutable $at): void
    {
        $this->finishedAt = $at;
    }
}
