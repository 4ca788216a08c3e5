<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Forecast;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Wait;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\WorkKey;

/**
 * A step of a plan as it is stored: what it is, its words, what it takes, what hands have made of it, and the wait that it began.
 *
 * It is written here; it is read by {@see Steps}.
 */
#[ORM\Entity]
#[ORM\Table(name: 'plan_step')]
#[ORM\UniqueConstraint(columns: ['piece_id', 'step_key'])]
#[ORM\Index(columns: ['piece_id', 'position'])]
// The whole of what is counted over a year, and of what is still to be laid, stands in the index.
#[ORM\Index(columns: ['piece_id', 'status', 'phase', 'family', 'shade', 'applicator', 'amount'])]
#[ORM\Index(columns: ['status', 'drying_family'])]
#[ORM\Index(columns: ['full_at', 'drying_family'])]
#[ORM\Index(columns: ['ended_at', 'status', 'phase', 'started_by_id', 'minutes', 'worked_seconds', 'started_at', 'piece_id'])]
#[ORM\Index(columns: ['gate_passed_at'])]
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
    /** @var list<array{step: string, from: string|null, within: float|null, before: string|null, min: float|null, max: float|null}> */
    #[ORM\Column(type: 'json')]
    private array $waits;
    #[ORM\Column(length: 20, nullable: true)]
    private ?Stage $gateFrom;
    /** The key of the spoiled coat in whose place it is laid. */
    #[ORM\Column(length: 8, nullable: true)]
    private ?string $insteadOf;
    /** @var list<array{rule: string, reason: string, by: string}> rules that somebody went over, and why */
    #[ORM\Column(type: 'json')]
    private array $overrides = [];
    #[ORM\ManyToOne]
    private ?Person $startedBy = null;
    #[ORM\Embedded(columnPrefix: false)]
    private StepWords $words;
    #[ORM\Embedded(columnPrefix: false)]
    private StepNeeds $needs;
    #[ORM\Embedded(columnPrefix: false)]
    private StepWork $work;
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
        $this->work = new StepWork();
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
        $this->insteadOf = $step->insteadOf;
        $this->dryingFamily = $step->dryingFamily();
        $this->applicator = $step->applicator;
        $this->on = array_map(static fn (Place $p): array => ['part' => $p->part->value, 'half' => $p->half->value], $step->on);
        $this->tries = array_map(static fn (FamilyId $f): string => $f->value, $step->tries);
        $this->words = new StepWords($planned);
        $this->needs = new StepNeeds($planned);
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
    public function toNeed(): Need
    {
        $step = Step::told(
            $this->key,
            $this->action,
            $this->family,
            $this->applicator,
            $this->places(),
            array_map(static fn (Wait $w): After => $w->bond, StoredWait::all($this->waits)),
            array_map(FamilyId::from(...), $this->tries),
        );

        $step = $step->asCoat($this->coat, $this->coats, $this->phase)->insteadOf($this->insteadOf);

        return new Need($step, 0, $this->words->why(), $this->words->rules(), $this->needs->shade());
    }

    /** It is this very act on these very places; only its place in the order may differ. */
    public function does(Step $step): bool
    {
        $mine = $this->toNeed()->step;
        $places = static fn (Step $s): array => array_map(static fn (Place $p): string => $p->key, $s->on);

        return $mine->what() === $step->what() && $mine->applicator === $step->applicator && $places($mine) === $places($step);
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

    public function position(): int
    {
        return $this->position;
    }

    public function words(): StepWords
    {
        return $this->words;
    }

    public function title(): string
    {
        return $this->words->title();
    }

    public function minutes(): float
    {
        return $this->needs->minutes();
    }

    /** Whether a rung of a ladder was enough; it is answered, not only done. */
    public function isLook(): bool
    {
        return Action::Gate === $this->action && Phase::Trial !== $this->phase;
    }

    public function action(): Action
    {
        return $this->action;
    }

    public function applicator(): Applicator
    {
        return $this->applicator;
    }

    public function family(): ?FamilyId
    {
        return $this->family;
    }

    /** What it lays, in the unit of its family; null for what is not used up. */
    public function amount(): ?float
    {
        return $this->needs->amount();
    }

    public function shade(): ?Shade
    {
        return $this->needs->shade();
    }

    public function dryingFamily(): ?FamilyId
    {
        return $this->dryingFamily;
    }

    public function workKey(): string
    {
        return WorkKey::of($this->action, $this->family, $this->applicator);
    }

    public function halves(): Halves
    {
        return Halves::of($this->places());
    }

    /** Somebody went over a rule here, and said why. */
    public function overrule(string $rule, string $reason, string $by): void
    {
        $others = array_values(array_filter($this->overrides, static fn (array $o): bool => $o['rule'] !== $rule));
        $this->overrides = [...$others, ['rule' => $rule, 'reason' => $reason, 'by' => $by]];
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

    public function isOpen(): bool
    {
        return StepStatus::Open === $this->work->status();
    }

    public function isRunning(): bool
    {
        return StepStatus::Running === $this->work->status();
    }

    public function isDone(): bool
    {
        return StepStatus::Done === $this->work->status();
    }

    public function work(): StepWork
    {
        return $this->work;
    }

    public function start(\DateTimeImmutable $at, Person $by): void
    {
        $this->work->start($at);
        $this->startedBy = $by;
    }

    public function end(\DateTimeImmutable $at): void
    {
        $this->work->end($at);
    }

    /** Broken off; what went into it so far counts when it goes on. */
    public function interrupt(\DateTimeImmutable $at): void
    {
        $this->work->interrupt($at);
        $this->startedBy = null;
        $this->moments = new Moments();
    }

    /** Somebody else goes on with it. */
    public function passTo(Person $other, \DateTimeImmutable $at): void
    {
        $this->work->passOn($at);
        $this->startedBy = $other;
    }

    /** To be done once more, as if it had not been begun. */
    public function reopen(): void
    {
        $this->work = new StepWork();
        $this->startedBy = null;
        $this->moments = new Moments();
    }

    /** It went wrong, and stays on the piece until it has dried and been keyed. */
    public function spoil(): void
    {
        $this->work->spoil();
    }

    public function isSpoiled(): bool
    {
        return $this->work->isSpoiled();
    }

    /** @return array<string, mixed> what hands have made of it so far, for {@see restore()} */
    public function snapshot(): array
    {
        return ['startedBy' => $this->startedBy?->id(), 'work' => $this->work->toColumn(), 'moments' => $this->moments->toColumn()];
    }

    /** @param array<string, mixed> $before */
    public function restore(array $before, ?Person $startedBy): void
    {
        $this->startedBy = $startedBy;
        $this->work = StepWork::fromColumn(\is_array($before['work'] ?? null) ? $before['work'] : []);
        $this->moments = Moments::fromColumn(\is_array($before['moments'] ?? null) ? $before['moments'] : []);
    }

    public function startedBy(): ?Person
    {
        return $this->startedBy;
    }

    /** How long it took, where that was not how long it was under way. */
    public function took(int $minutes): void
    {
        $this->work->took($minutes);
    }

    /** Whole minutes that went into it, at least one once it is done. */
    public function realMinutes(): int
    {
        return $this->isDone() ? max(1, (int) round($this->work->minutes())) : 0;
    }

    public function moments(): Moments
    {
        return $this->moments;
    }

    public function dries(Forecast $forecast): void
    {
        $this->moments->dries($forecast);
    }

    /** From which stage of its coat on its gate test is answered; null where nothing waits for it. */
    public function gateFrom(): ?Stage
    {
        return $this->gateFrom;
    }

    public function isOn(Place $place): bool
    {
        return [] !== array_filter($this->places(), $place->is(...));
    }

    /** @return list<Place> */
    private function places(): array
    {
        return array_map(static fn (array $p): Place => new Place(PartName::from($p['part']), Half::from($p['half'])), $this->on);
    }
}
