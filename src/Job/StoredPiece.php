<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\RecordedTrial;
use KindHeel\Core\Care\Cause;
use KindHeel\Core\Care\Fault;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Planning\Elapsed;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\PlannedStep;

/** A piece on a ticket, as it is stored: assessed, then planned, then worked. */
#[ORM\Entity]
#[ORM\Table(name: 'piece')]
#[ORM\Index(columns: ['collected_at'])]
#[ORM\Index(columns: ['finished_at'])]
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
    #[ORM\Column(type: 'json')]
    private array $remarks = [];

    #[ORM\Column]
    private float $elapsedMinutes = 0.0;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $finishedAt = null;
    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $collectedAt = null;
    /** It is not worked on after all; it is away like one that was collected. */
    #[ORM\Column(length: 20, nullable: true)]
    private ?CalledOff $calledOff = null;
    #[ORM\Column(length: 40)]
    private string $shelf = '';

    #[ORM\Column(nullable: true)]
    private ?float $sizeEu;

    /** the longest side of what is not worn on the foot */
    #[ORM\Column(nullable: true)]
    private ?float $lengthMm;

    #[ORM\Column(length: 20)]
    private Aim $aim;

    #[ORM\Column(length: 20)]
    private Gloss $gloss;

    #[ORM\Column(length: 20)]
    private Patina $patina;

    /** That a recolour is to bring. */
    #[ORM\Column(length: 20, nullable: true)]
    private ?Shade $newShade;

    /** What the owner does not want done. */
    #[ORM\Column(length: 500)]
    private string $unwanted = '';

    /** What it is worth to the owner, and what a new one costs, in hundredths of the workshop's money. */
    #[ORM\Column(nullable: true)]
    private ?int $valueCents = null;

    #[ORM\Column(nullable: true)]
    private ?int $replaceCents = null;

    /** The visit that this one puts right. */
    #[ORM\ManyToOne, ORM\JoinColumn(nullable: true, onDelete: 'SET NULL')]
    private ?StoredPiece $mends = null;

    #[ORM\Column(length: 20, nullable: true)]
    private ?Fault $fault = null;

    #[ORM\Column(length: 20, nullable: true)]
    private ?Cause $cause = null;

    /** The usual job that it was taken in with; no foreign key, the job may be given up. */
    #[ORM\Column(nullable: true)]
    private ?int $usualJobId = null;

    #[ORM\Embedded]
    private PlanRequest $terms;

    /** @var Collection<int, StoredTrial> */
    #[ORM\OneToMany(targetEntity: StoredTrial::class, mappedBy: 'piece', cascade: ['persist'], orphanRemoval: true)]
    private Collection $trials;

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
        #[ORM\Column(length: 40)]
        private Kind $kind,
        Size $size,
        Agreed $agreed,
        Shade $shade,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Passport $passport,
    ) {
        $this->sizeEu = $size->eu;
        $this->lengthMm = $size->mm;
        [$this->aim, $this->gloss, $this->patina, $this->newShade] = [$agreed->aim, $agreed->gloss, $agreed->patina, $agreed->newShade];
        $this->terms = new PlanRequest();
        $this->trials = new ArrayCollection();
        $this->parts = new ArrayCollection();
        $this->findings = new ArrayCollection();
        $this->steps = new ArrayCollection();
        foreach (self::placesOf($kind) as $place) {
            $this->addPart($place, $shade);
        }
        $ticket->add($this);
    }

    public function passport(): Passport
    {
        return $this->passport;
    }

    /** It is the same piece as one that was here before. */
    public function isTheSameAs(self $past): void
    {
        $this->passport = $past->passport;
    }

    public function mends(): ?self
    {
        return $this->mends;
    }

    public function fault(): ?Fault
    {
        return $this->fault;
    }

    public function cause(): ?Cause
    {
        return $this->cause;
    }

    /** It came back, with this fault; null where it did not after all. */
    public function cameBackFrom(?self $visit, ?Fault $fault, ?Cause $cause): void
    {
        [$this->mends, $this->fault, $this->cause] = [$visit, null === $visit ? null : $fault, null === $visit ? null : $cause];
    }

    /** @return list<Place> that a kind usually has */
    private static function placesOf(Kind $kind): array
    {
        $places = [];
        foreach ($kind->halves() as $half) {
            foreach ($kind->parts() as $part) {
                $places[] = new Place($part, $half);
            }
        }

        return $places;
    }

    /** Until somebody has looked it is the likeliest material, and no more than a guess. */
    private function addPart(Place $place, Shade $shade): void
    {
        $this->parts->add(
            new StoredPart($this, new Part($place, $this->kind->materialsFor($place->part)[0], self::atFirst($place->part, $this->kind), shade: $shade)),
        );
    }

    /** Of what it nearly always is there is no doubt; what is seen first is a guess until somebody has looked. */
    private static function atFirst(PartName $part, Kind $kind): Certainty
    {
        return match (true) {
            1 === \count($kind->materialsFor($part)) => Certainty::Known,
            $part->isOuter() => Certainty::Guess,
            default => Certainty::Likely,
        };
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function ticket(): Ticket
    {
        return $this->ticket;
    }

    public function gloss(): Gloss
    {
        return $this->gloss;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function kind(): Kind
    {
        return $this->kind;
    }

    public function sizeEu(): ?float
    {
        return $this->sizeEu;
    }

    public function version(): int
    {
        return $this->version;
    }

    /** @throws FieldError */
    public function toCore(): Piece
    {
        return Piece::of(
            $this->kind,
            Size::of($this->kind, $this->sizeEu, $this->lengthMm),
            new Agreed($this->aim, $this->gloss, $this->patina, $this->newShade),
            array_values($this->parts->map(static fn (StoredPart $p): Part => $p->toCore())->toArray()),
            array_values($this->findings->map(static fn (StoredFinding $f): Finding => $f->toCore())->toArray()),
            array_values($this->trials->map(static fn (StoredTrial $t): RecordedTrial => $t->toCore())->toArray()),
        );
    }

    /**
     * The same knowledge for one or several places.
     *
     * @throws FieldError when the kind lacks a place, or it does not go with what was agreed; then nothing has changed
     */
    public function lookOver(Part ...$parts): void
    {
        $before = [];
        foreach ($parts as $part) {
            $stored = $this->stored($part->at);
            $before[] = $stored->toCore();
            $stored->update($part);
        }
        try {
            $this->toCore();
        } catch (FieldError $error) {
            foreach ($before as $part) {
                $this->stored($part->at)->update($part);
            }
            throw $error;
        }
        ++$this->assessed;
    }

    /** What a finding measures, in mm, as it was measured. */
    public function measured(int $finding, float $lengthMm, ?float $widthMm): void
    {
        foreach ($this->findings() as $stored) {
            if ($stored->id() === $finding) {
                $stored->measures($lengthMm, $widthMm);
                $this->toCore();
                ++$this->assessed;

                return;
            }
        }
        throw new FieldError('finding', 'This is not on the piece any more.');
    }

    /** The restorer's word stands over trials at these places. */
    public function overrule(Place ...$places): void
    {
        foreach ($places as $place) {
            $this->stored($place)->overrule();
        }
    }

    /**
     * A trial sharpens the picture: where the restorer has not said otherwise, its parts become what the odds name.
     *
     * @throws FieldError when the kind lacks the place
     */
    public function tried(RecordedTrial $trial, Person $by, \DateTimeImmutable $at): void
    {
        foreach ([$trial->at, ...$trial->speaksFor] as $place) {
            $this->stored($place);
        }
        $this->trials->add(new StoredTrial($this, $trial, $by, $at));
        $this->sharpen();
        ++$this->assessed;
    }

    public function forgetTrial(int $id): bool
    {
        foreach ($this->trials as $trial) {
            if ($trial->id() === $id) {
                $this->trials->removeElement($trial);
                $this->doubt($trial->toCore());
                $this->sharpen();
                ++$this->assessed;

                return true;
            }
        }

        return false;
    }

    /** What only a trial said that is taken back is a guess again. */
    private function doubt(RecordedTrial $gone): void
    {
        $piece = $this->toCore();
        foreach ($this->parts as $stored) {
            $part = $stored->toCore();
            if (!$stored->isOverruled() && $gone->tells($part->at) && [] === $piece->resultsAt($part->at)) {
                $stored->update(
                    $part->but($this->kind->materialsFor($part->at->part)[0], self::atFirst($part->at->part, $this->kind)),
                );
            }
        }
    }

    private function sharpen(): void
    {
        foreach ($this->parts as $stored) {
            if (!$stored->isOverruled()) {
                // One after the other: what is named first may forbid a shine to the rest.
                $stored->update($this->toCore()->named($stored->toCore()->at));
            }
        }
    }

    /**
     * Copies what the parts are made of from a piece of the same cut; how dry they are, what is wrong with them and how
     * far to go is looked at anew. What the other lacks or has beside others of its cut, this one does too.
     *
     * @throws FieldError when it does not go with what was agreed; then nothing has changed
     */
    public function copyFrom(self $past): void
    {
        $there = array_map(static fn (StoredPart $p): Place => $p->toCore()->at, $past->parts());
        $this->hasAlso(...$there);
        $lacking = array_filter(
            array_map(static fn (StoredPart $p): Place => $p->toCore()->at, $this->parts()),
            static fn (Place $here): bool => [] === array_filter($there, $here->is(...)),
        );
        if ([] !== $lacking) {
            $this->lacks(...array_values($lacking));
        }
        $this->lookOver(...array_map(function (StoredPart $stored): Part {
            $there = $stored->toCore();
            $here = $this->stored($there->at)->toCore();

            return $there->but(dryness: $here->dryness, wishes: $here->wishes)->going($here->agreed);
        }, $past->parts()));
    }

    /** @throws FieldError when the part does not come off */
    public function takeOff(Place $place, bool $off): void
    {
        $stored = $this->stored($place);
        if (!$place->part->isDetachable()) {
            throw new FieldError('part', Phrase::sentence('The %s does not come off.', $place->part->label()));
        }
        $stored->takeOff($off);
    }

    /**
     * It has parts that others of its cut lack.
     *
     * @throws FieldError when no piece of this family has such a part
     */
    public function hasAlso(Place ...$places): void
    {
        foreach ($places as $place) {
            Piece::mustGoWith($this->kind, $place);
            if (null === $this->partAt($place)) {
                $this->addPart($place, $this->mostly());
                ++$this->assessed;
            }
        }
    }

    /**
     * It lacks parts that others of its cut have: what was planned for them goes when the rest is planned anew.
     *
     * @throws FieldError when something stands in the way: what was found or done there, or what was agreed; then nothing is stored
     */
    public function lacks(Place ...$places): void
    {
        $gone = array_map($this->stored(...), $places);
        foreach ($places as $place) {
            $this->mustBeUntouched($place, 'so it has one');
        }
        $left = array_filter($this->parts->toArray(), static fn (StoredPart $p): bool => !\in_array($p, $gone, true));
        if ([] === array_filter($left, static fn (StoredPart $p): bool => $p->toCore()->at->part->isOuter())) {
            throw new FieldError('places', 'Something has to be left of it.');
        }
        foreach ($gone as $part) {
            $this->parts->removeElement($part);
            ++$this->assessed;
        }
        $this->toCore();
    }

    /** @throws FieldError when something was found, tried or done there */
    private function mustBeUntouched(Place $place, string $so): void
    {
        foreach ($this->findings as $finding) {
            $found = $finding->toCore();
            if ($found->at->is($place)) {
                throw new FieldError('places', Phrase::sentence(
                    'There is %s on the %s, %s. Take that away first.',
                    Phrase::an($found->kind->label()),
                    $place->label(),
                    $so,
                ));
            }
        }
        foreach ($this->trials as $trial) {
            if ($trial->toCore()->at->is($place)) {
                throw new FieldError('places', Phrase::sentence('A trial was made on the %s, %s. Take that back first.', $place->label(), $so));
            }
        }
        foreach ($this->steps as $step) {
            if (!$step->isOpen() && !$step->action()->leavesAsItIs() && $step->isOn($place)) {
                throw new FieldError('places', Phrase::sentence('The %s was worked on (%s), %s.', $place->label(), $step->title(), $so));
            }
        }
    }

    /** The shade that most of its outside has. */
    public function mostly(): Shade
    {
        $shades = [];
        foreach ($this->parts as $stored) {
            $part = $stored->toCore();
            if ($part->at->part->isOuter()) {
                $shades[$part->shade->value] = ($shades[$part->shade->value] ?? 0) + 1;
            }
        }
        arsort($shades);

        return Shade::from(array_key_first($shades) ?? Shade::Chestnut->value);
    }

    /** It is mostly of another shade; parts that were of one of their own stay as they are. */
    public function isMostly(Shade $shade): void
    {
        $was = $this->mostly();
        foreach ($this->parts as $stored) {
            $part = $stored->toCore();
            if ($part->shade === $was && $shade !== $was) {
                $stored->update($part->but(shade: $shade));
                ++$this->assessed;
            }
        }
    }

    /**
     * It is of another kind than was written down: parts that both have keep what is known of them; a plan that was made is none any more.
     *
     * @throws FieldError when something was found on a part that the other kind lacks, or does not go with it; then nothing is stored
     */
    public function isA(Kind $kind, Size $size): void
    {
        $places = self::placesOf($kind);
        $gone = array_filter(
            $this->parts->toArray(),
            static fn (StoredPart $p): bool => [] === array_filter($places, static fn (Place $at): bool => $p->isAt($at)),
        );
        foreach ($gone as $part) {
            $this->mustBeUntouched($part->toCore()->at, \sprintf('and %s has none', Phrase::an($kind->label())));
        }
        $shade = $this->mostly();
        foreach ($gone as $part) {
            $this->parts->removeElement($part);
        }
        $this->kind = $kind;
        [$this->sizeEu, $this->lengthMm] = [$size->eu, $size->mm];
        foreach ($places as $place) {
            if (null === $this->partAt($place)) {
                $this->addPart($place, $shade);
            }
        }
        foreach ($this->parts as $stored) {
            $part = $stored->toCore();
            $usual = $kind->materialsFor($part->at->part);
            // What was only a guess is the guess for this kind; trials sharpen it again.
            if (!$stored->isOverruled() && (Certainty::Guess === $part->certainty || !\in_array($part->material, $usual, true))) {
                $stored->update($part->but($usual[0], self::atFirst($part->at->part, $kind)));
            }
        }
        $this->sharpen();
        $this->forgetRest();
        $this->plannedFrom = null;
        $this->elapsedMinutes = 0.0;
        $this->remarks = [];
        // What nobody has looked over yet is still to be looked over.
        $this->assessed += min(1, $this->assessed);
        $this->toCore();
    }

    /** @throws FieldError when it has no such part */
    public function part(Place $place): Part
    {
        Piece::mustGoWith($this->kind, $place);

        return $this->stored($place)->toCore();
    }

    private function stored(Place $place): StoredPart
    {
        foreach ($this->parts as $stored) {
            if ($stored->isAt($place)) {
                return $stored;
            }
        }
        throw new FieldError('part', Phrase::sentence('There is no %s on it.', $place->label()));
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

    /** @throws FieldError when it does not fit the piece; then nothing has changed */
    public function mark(Finding $finding): StoredFinding
    {
        $stored = new StoredFinding($this, $finding);
        $this->findings->add($stored);
        try {
            $this->toCore();
        } catch (FieldError $error) {
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

    /** @throws FieldError when that shine cannot be had; then nothing has changed */
    public function agree(Agreed $agreed): void
    {
        $before = [$this->aim, $this->gloss, $this->patina, $this->newShade];
        [$this->aim, $this->gloss, $this->patina, $this->newShade] = [$agreed->aim, $agreed->gloss, $agreed->patina, $agreed->newShade];
        try {
            $this->toCore();
        } catch (FieldError $error) {
            [$this->aim, $this->gloss, $this->patina, $this->newShade] = $before;
            throw $error;
        }
        ++$this->assessed;
    }

    public function takenInAs(int $usualJob): void
    {
        $this->usualJobId = $usualJob;
    }

    /** What another one would cost, in hundredths. */
    public function replaces(?int $cents): void
    {
        $this->replaceCents = $cents;
    }

    public function replaceCents(): ?int
    {
        return $this->replaceCents;
    }

    /** What it is worth to the owner, what a new one costs (in hundredths), and what must not be done. */
    public function owes(?int $valueCents, ?int $replaceCents, string $unwanted): void
    {
        $this->valueCents = $valueCents;
        $this->replaceCents = $replaceCents;
        $this->unwanted = $unwanted;
    }

    /** @return list<StoredPart> */
    public function parts(): array
    {
        return array_values($this->parts->toArray());
    }

    /** @return list<StoredFinding> */
    public function findings(): array
    {
        return array_values($this->findings->toArray());
    }

    public function assessed(): int
    {
        return $this->assessed;
    }

    public function terms(): PlanRequest
    {
        return $this->terms;
    }

    public function isReadyFast(): bool
    {
        return Aim::ReadyFast === $this->aim;
    }

    /** @return list<StoredStep> in their order */
    public function steps(): array
    {
        $steps = array_values($this->steps->toArray());
        usort($steps, static fn (StoredStep $a, StoredStep $b): int => $a->position() <=> $b->position());

        return $steps;
    }

    /** What was done or is under way stays; the rest goes, and with it what hands had changed. */
    public function forgetRest(): void
    {
        foreach ($this->steps() as $step) {
            if ($step->isOpen()) {
                $this->steps->removeElement($step);
            }
        }
        $this->terms->byHand(false);
    }

    /** @param list<string> $changes what is otherwise than in the plan before, in sentences */
    public function take(Plan $plan, array $changes = []): void
    {
        $this->follow($plan->steps, true);
        $this->remarks = PlanRemarks::toColumn($plan, $changes);
        $this->elapsedMinutes = $plan->elapsedMinutes;
        $this->plannedFrom = $this->assessed;
    }

    /**
     * Takes steps in a new order; those that are known are bound anew, the others come in, what is no longer there goes.
     *
     * @param list<PlannedStep> $steps
     * @param bool              $whole open steps become what the plan now says, not only their place in it
     */
    public function follow(array $steps, bool $whole = false): void
    {
        $known = [];
        foreach ($this->steps as $step) {
            $known[$step->key()] = $step;
        }
        foreach ($steps as $i => $planned) {
            $stored = $known[$planned->step->id] ?? null;
            unset($known[$planned->step->id]);
            if (null === $stored) {
                $this->steps->add(new StoredStep($this, $i + 1, $planned));
            } elseif ($stored->isOpen() && ($whole || !$stored->does($planned->step))) {
                $stored->follow($i + 1, $planned);
            } else {
                $stored->bind($i + 1, $planned);
            }
        }
        foreach ($known as $gone) {
            $this->steps->removeElement($gone);
        }
        $this->elapsedMinutes = Elapsed::minutes($steps);
    }

    public function size(): Size
    {
        return Size::of($this->kind, $this->sizeEu, $this->lengthMm);
    }

    /**
     * Another size asks for other amounts: what was planned is planned anew.
     *
     * @throws FieldError when something on it is longer than that; then nothing is stored
     */
    public function correct(string $name, Size $size): void
    {
        $this->name = $name;
        if ($size->eu !== $this->sizeEu || $size->mm !== $this->lengthMm) {
            [$this->sizeEu, $this->lengthMm] = [$size->eu, $size->mm];
            ++$this->assessed;
            $this->toCore();
        }
    }

    public function hasBegun(): bool
    {
        foreach ($this->steps as $step) {
            if (!$step->isOpen()) {
                return true;
            }
        }

        return false;
    }

    /** It is not done after all. */
    public function isHereAgain(): void
    {
        $this->finishedAt = null;
    }

    public function isReady(): bool
    {
        return null !== $this->finishedAt;
    }

    public function isCollected(): bool
    {
        return null !== $this->collectedAt;
    }

    /** Where it stands on the ready shelf. */
    public function standsAt(string $shelf): void
    {
        $this->shelf = $shelf;
    }

    /** The owner has it again, whatever was left undone; whoever was at it is free. */
    public function collected(\DateTimeImmutable $at): void
    {
        foreach ($this->steps as $step) {
            if ($step->isRunning()) {
                $step->interrupt($at);
            }
        }
        $this->finishedAt ??= $at;
        $this->collectedAt = $at;
    }

    /** It is not worked on after all. */
    public function callOff(CalledOff $what, \DateTimeImmutable $at): void
    {
        $this->collected($at);
        $this->calledOff = $what;
    }

    public function isCalledOff(): bool
    {
        return null !== $this->calledOff;
    }

    /** It is here after all: as it stood before it was collected or called off. */
    public function isBack(): void
    {
        $left = array_filter($this->steps->toArray(), static fn (StoredStep $s): bool => !$s->isDone());
        if ([] !== $left || $this->steps->isEmpty()) {
            $this->finishedAt = null;
        }
        $this->collectedAt = null;
        $this->calledOff = null;
    }

    /** Done: it stands on the ready shelf, and the bench asks nothing more of it. */
    public function finish(\DateTimeImmutable $at): void
    {
        $this->finishedAt = $at;
    }
}
