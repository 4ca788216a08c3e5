<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Learning\Factors;
use KindHeel\App\People\Person;
use KindHeel\App\Piece\StoredPiece;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Forecast;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Station;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Supply;
use KindHeel\Core\Treatment\Planning\Wait;
use KindHeel\Core\Treatment\Step;

/** A step of a plan, what became of it, and the wait that it began. */
#[ORM\Entity]
#[ORM\Table(name: 'plan_step')]
#[ORM\UniqueConstraint(columns: ['piece_id', 'step_key'])]
#[ORM\Index(columns: ['piece_id', 'status'])]
#[ORM\Index(columns: ['status', 'drying_family'])]
class StoredStep
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(name: 'step_key', length: 8)]
    private string $key;

    #[ORM\Column(length: 20)]
    private Phase $phase;

    #[ORM\Column(length: 20)]
    private Action $action;

    #[ORM\Column(length: 30, nullable: true)]
    private ?FamilyId $family;

    /** The family whose drying begins when the step ends; a trial dries as the slowest it tried. */
    #[ORM\Column(length: 30, nullable: true)]
    private ?FamilyId $dryingFamily;

    #[ORM\Column(length: 20)]
    private Applicator $applicator;

    /** @var list<array{part: string, half: string}> */
    #[ORM\Column(name: 'places', type: 'json')]
    private array $on;

    #[ORM\Column]
    private int $coat;

    #[ORM\Column]
    private int $coats;

    /** @var list<string> families that a trial tries */
    #[ORM\Column(type: 'json')]
    private array $tries;
    #[ORM\Column(length: 250)]
    private string $title;

    /** The parts in words, without their half. */
    #[ORM\Column(name: 'place_words', length: 200)]
    private string $where;

    #[ORM\Column(length: 600)]
    private string $why;

    #[ORM\Column(length: 600)]
    private string $how;

    #[ORM\Column]
    private float $minutes;

    /** @var list<array{step: string, from: string|null, within: float|null, before: string|null, min: float|null, max: float|null}> */
    #[ORM\Column(type: 'json')]
    private array $waits;

    #[ORM\Column(nullable: true)]
    private ?float $amount;

    #[ORM\Column(length: 5, nullable: true)]
    private ?Unit $unit;

    #[ORM\Column(length: 160, nullable: true)]
    private ?string $gate;

    #[ORM\Column(length: 20, nullable: true)]
    private ?Stage $gateFrom;

    /** @var list<string> */
    #[ORM\Column(type: 'json')]
    private array $rules;

    /** @var list<string> */
    #[ORM\Column(type: 'json')]
    private array $hazards;

    /** @var list<string> numbers of the harm rules */
    #[ORM\Column(type: 'json')]
    private array $cautions;

    /** @var list<array{name: string, amount: float|null, unit: string, detail: string}> thread, tape, abrasive, dilution */
    #[ORM\Column(type: 'json')]
    private array $supplies;

    #[ORM\Column(length: 10)]
    private Station $station;

    /** @var list<array{rule: string, reason: string, by: string}> rules that somebody went over, and why */
    #[ORM\Column(type: 'json')]
    private array $overrides = [];

    #[ORM\Column(length: 20, nullable: true)]
    private ?Shade $shade;

    #[ORM\Column(length: 20)]
    private ColourFamily $brush;

    #[ORM\Column(length: 10)]
    private StepStatus $status = StepStatus::Open;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $startedAt = null;

    #[ORM\ManyToOne]
    private ?Person $startedBy = null;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $endedAt = null;

    /** What went into it before it was interrupted or taken over. */
    #[ORM\Column]
    private int $workedSeconds = 0;

    #[ORM\Embedded(columnPrefix: false)]
    private Moments $moments;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'steps'), ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        #[ORM\Column]
        private int $position,
        PlannedStep $planned,
    ) {
        $this->key = $planned->step->id;
        $this->moments = new Moments();
        $this->follow($position, $planned);
    }

    /** Becomes what the plan now says, numbers, words and all. */
    public function follow(int $position, PlannedStep $planned): void
    {
        $this->bind($position, $planned);
        $step = $planned->step;
        $this->phase = $step->phase;
        $this->action = $step->action;
        $this->family = $step->family;
        $this->dryingFamily = $step->dryingFamily();
        $this->applicator = $step->applicator;
        $this->on = array_map(static fn (Place $p): array => ['part' => $p->part->value, 'half' => $p->half->value], $step->on);
        $this->tries = array_map(static fn (FamilyId $f): string => $f->value, $step->tries);
        $this->title = $planned->title;
        $this->where = $planned->where;
        $this->why = $planned->why;
        $this->how = $planned->how;
        $this->minutes = $planned->minutes;
        $this->amount = $planned->amount?->quantity;
        $this->unit = $planned->amount?->unit;
        $this->gate = $planned->gate;
        $this->rules = $planned->rules;
        $this->hazards = array_map(static fn (Hazard $h): string => $h->value, $planned->hazards);
        $this->cautions = $planned->cautions;
        $this->supplies = array_map(static fn (Supply $s): array => ['name' => $s->name, 'amount' => $s->amount, 'unit' => $s->unit, 'detail' => $s->detail], $planned->supplies);
        $this->station = $planned->station;
        $this->shade = $planned->shade;
        $this->brush = $planned->brush;
    }

    /** Takes its place in a changed order: what it is stays, when it may be done follows from the others. */
    public function bind(int $position, PlannedStep $planned): void
    {
        $this->position = $position;
        $this->coat = $planned->step->coat;
        $this->coats = $planned->step->coats;
        $this->waits = array_map(StoredWait::toColumn(...), $planned->waits);
        $this->gateFrom = $planned->gateFrom;
    }

    /** As the craft sees it, with why it is there. */
    public function toWanted(): Need
    {
        $step = Step::told(
            $this->key,
            $this->action,
            $this->family,
            $this->applicator,
            array_map(static fn (array $p): Place => new Place(PartName::from($p['part']), Half::from($p['half'])), $this->on),
            array_map(static fn (Wait $w): After => $w->bond, StoredWait::all($this->waits)),
            array_map(FamilyId::from(...), $this->tries),
        );

        return new Need($step->asCoat($this->coat, $this->coats, $this->phase), 0, $this->why, $this->rules, $this->shade);
    }

    /** It is this very act on these very places; only its place in the order may differ. */
    public function does(Step $step): bool
    {
        $mine = $this->toWanted()->step;
        $places = static fn (Step $s): array => array_map(static fn (Place $p): string => $p->key, $s->on);

        return $mine->what() === $step->what() && $mine->applicator === $step->applicator && $places($mine) === $places($step);
    }

    public function position(): int
    {
        return $this->position;
    }

    /** Somebody went over a rule here, and said why. */
    public function overrule(string $rule, string $reason, string $by): void
    {
        $this->overrides = [...array_values(array_filter($this->overrides, static fn (array $o): bool => $o['rule'] !== $rule)), ['rule' => $rule, 'reason' => $reason, 'by' => $by]];
    }

    public function isOverruled(string $rule): bool
    {
        return null !== $this->reasonFor($rule);
    }

    /** Why a rule was gone over here; null when it was not. */
    public function reasonFor(string $rule): ?string
    {
        foreach ($this->overrides as $override) {
            if ($override['rule'] === $rule) {
                return \sprintf('%s (%s)', $override['reason'], $override['by']);
            }
        }

        return null;
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function piece(): StoredPiece
    {
        return $this->piece;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function key(): string
    {
        return $this->key;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function where(): string
    {
        return $this->where;
    }

    public function minutes(): float
    {
        return $this->minutes;
    }

    public function action(): Action
    {
        return $this->action;
    }

    /** The half it is for, “both” when it is for the pair. */
    public function halves(): string
    {
        $halves = array_values(array_unique(array_column($this->on, 'half')));

        return 1 === \count($halves) ? $halves[0] : 'both';
    }

    public function isOpen(): bool
    {
        return StepStatus::Open === $this->status;
    }

    public function isRunning(): bool
    {
        return StepStatus::Running === $this->status;
    }

    public function isDone(): bool
    {
        return StepStatus::Done === $this->status;
    }

    public function start(\DateTimeImmutable $at, Person $by): void
    {
        if (!$this->isOpen()) {
            throw new \LogicException('Only an open step starts.');
        }
        $this->status = StepStatus::Running;
        $this->startedAt = $at;
        $this->startedBy = $by;
    }

    public function end(\DateTimeImmutable $at): void
    {
        if (!$this->isRunning()) {
            throw new \LogicException('Only a running step ends.');
        }
        $this->status = StepStatus::Done;
        $this->endedAt = $at;
    }

    /** Broken off; what went into it so far counts when it goes on. */
    public function interrupt(\DateTimeImmutable $at): void
    {
        $worked = $this->workedSecondsUntil($at);
        $this->reopen();
        $this->workedSeconds = $worked;
    }

    /** Somebody else goes on with it. */
    public function passTo(Person $other, \DateTimeImmutable $at): void
    {
        $this->workedSeconds = $this->workedSecondsUntil($at);
        $this->startedAt = $at;
        $this->startedBy = $other;
    }

    private function workedSecondsUntil(\DateTimeImmutable $at): int
    {
        if (!$this->isRunning() || null === $this->startedAt) {
            throw new \LogicException('Only what is under way is broken off or handed on.');
        }

        return $this->workedSeconds + max(0, $at->getTimestamp() - $this->startedAt->getTimestamp());
    }

    /** To be done once more, as if it had not been begun. */
    public function reopen(): void
    {
        $this->status = StepStatus::Open;
        $this->workedSeconds = 0;
        $this->startedAt = $this->startedBy = $this->endedAt = null;
        $this->moments = new Moments();
    }

    public function dryingFamily(): ?FamilyId
    {
        return $this->dryingFamily;
    }

    public function startedBy(): ?Person
    {
        return $this->startedBy;
    }

    public function startedAt(): ?\DateTimeImmutable
    {
        return $this->startedAt;
    }

    public function endedAt(): ?\DateTimeImmutable
    {
        return $this->endedAt;
    }

    /** Whole minutes that went into it, at least one. */
    public function realMinutes(): int
    {
        return null === $this->startedAt || null === $this->endedAt ? 0 : max(1, (int) round($this->workedMinutes()));
    }

    /** Minutes of hands that went into it, to the second. */
    public function workedMinutes(): float
    {
        return null === $this->startedAt || null === $this->endedAt ? 0.0 : ($this->workedSeconds + $this->endedAt->getTimestamp() - $this->startedAt->getTimestamp()) / 60.0;
    }

    /** What is learned about: the product and what lays it, or the act. */
    public function what(): string
    {
        return Factors::what($this->action->value, $this->family?->value, $this->applicator->value);
    }

    public function applicator(): Applicator
    {
        return $this->applicator;
    }

    /** When a stage was expected, before any test. */
    public function forecastFor(Stage $stage): ?\DateTimeImmutable
    {
        return $this->moments->forecast($stage);
    }

    /** When its test was last answered with “not yet”. */
    public function notYetAt(): ?\DateTimeImmutable
    {
        return $this->moments->notYetAt();
    }

    public function dries(Forecast $forecast): void
    {
        $this->moments->dries($forecast);
    }

    /** When a stage is forecast, with what failed gate tests added. */
    public function reaches(Stage $stage): ?\DateTimeImmutable
    {
        return $this->moments->reaches($stage);
    }

    public function gate(): ?string
    {
        return $this->gate;
    }

    public function gateFrom(): ?Stage
    {
        return $this->gateFrom;
    }

    public function gatePassedAt(): ?\DateTimeImmutable
    {
        return $this->moments->passedAt();
    }

    public function passGate(\DateTimeImmutable $at): void
    {
        $this->moments->pass($at);
    }

    public function waitLonger(int $minutes, \DateTimeImmutable $at): void
    {
        $this->moments->waitLonger($minutes, $at);
    }
}
