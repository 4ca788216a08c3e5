<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Http\Refused;
use KindHeel\App\People\Person;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\PotNeed;
use KindHeel\Core\Colour\Recipe\Target;
use KindHeel\Core\Colour\Sheen;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;

/** A mixed colour: what it is to match, what went in drop by drop, its dabs, and what is left of it. */
#[ORM\Entity]
#[ORM\Table(name: 'pot')]
class Pot
{
    /** The three lights it is judged under, and by how much each counts. */
    public const LIGHTS = ['D65' => 1.0, 'A' => 0.5, 'F10' => 0.5];
    /** A dab on paper dries to this sheen. */
    public const DAB = Gloss::Satin;
    private const LEAST_DROPS = 10;
    /** A pot may be filled this much over the job, or to at least so many drops, so that it can be corrected. */
    private const ROOM = 1.6;
    private const LEAST_ROOM = 80;

    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 10)]
    private PotState $state = PotState::Mixing;

    /** @var array<string, int> drops by product */
    #[ORM\Column(type: 'json')]
    private array $drops = [];

    /** @var array<string, int> the recipe that is followed */
    #[ORM\Column(type: 'json')]
    private array $recipe = [];

    #[ORM\Column]
    private float $dropMl = PotNeed::DROP_ML;

    #[ORM\Column(nullable: true)]
    private ?float $keptMl = null;

    #[ORM\Column(length: 120)]
    private string $keptWhere = '';

    /** Counts what was done to it: what is written into its history changes the pot for everybody. */
    #[ORM\Column]
    private int $doings = 0;

    /** @var Collection<int, PotEvent> */
    #[ORM\OneToMany(targetEntity: PotEvent::class, mappedBy: 'pot', cascade: ['persist'])]
    #[ORM\OrderBy(['id' => 'ASC'])]
    private Collection $events;

    public function __construct(
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Reading $target,
        /** what it will lie on; null for an opaque colour */
        #[ORM\ManyToOne]
        private ?Reading $ground,
        /** how the finished part will shine */
        #[ORM\Column(length: 10)]
        private Gloss $finish,
        #[ORM\Column(length: 20)]
        private Applicator $applicator,
        #[ORM\Column]
        private int $coats,
        #[ORM\Column]
        private float $areaDm2,
        Person $by,
        \DateTimeImmutable $at,
    ) {
        $this->events = new ArrayCollection();
        $this->log(PotEventKind::Opened, 'A clean pot.', $by, $at);
    }

    public function id(): int
    {
        return $this->id ?? 0;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function state(): PotState
    {
        return $this->state;
    }

    public function targetReading(): Reading
    {
        return $this->target;
    }

    public function groundReading(): ?Reading
    {
        return $this->ground;
    }

    public function finish(): Gloss
    {
        return $this->finish;
    }

    public function applicator(): Applicator
    {
        return $this->applicator;
    }

    public function coats(): int
    {
        return $this->coats;
    }

    public function areaDm2(): float
    {
        return $this->areaDm2;
    }

    public function dropMl(): float
    {
        return $this->dropMl;
    }

    public function keptMl(): ?float
    {
        return $this->keptMl;
    }

    public function keptWhere(): string
    {
        return $this->keptWhere;
    }

    /** @return array<string, int> */
    public function drops(): array
    {
        return $this->drops;
    }

    /** @return array<string, int> */
    public function recipe(): array
    {
        return $this->recipe;
    }

    public function held(): int
    {
        return array_sum($this->drops);
    }

    /** @return list<PotEvent> */
    public function events(): array
    {
        return array_values($this->events->toArray());
    }

    /** What the coats need, and a fifth. */
    public function need(): PotNeed
    {
        return PotNeed::of($this->areaDm2, Family::of(FamilyId::Paint)->usePerM2, $this->coats, $this->applicator, $this->dropMl);
    }

    public function capacity(): int
    {
        return (int) max(self::LEAST_ROOM, ceil(self::ROOM * $this->need()->drops), $this->held());
    }

    public function leastDrops(): int
    {
        return max(self::LEAST_DROPS, $this->need()->drops);
    }

    /** Finished and dry it is to look as the target was read: the bare film is aimed where the finish will bring it there. */
    public function aim(): Target
    {
        return Target::spectrum(Sheen::moved($this->target->spectrum(), $this->finish, Gloss::Mirror), self::LIGHTS);
    }

    /** What it will lie on, as the film sees it. The colour itself is matched thick, as a dab shows it: coats go on until the ground no longer shows. */
    public function over(): ?Spectrum
    {
        return null === $this->ground ? null : Sheen::moved($this->ground->spectrum(), $this->ground->gloss(), Gloss::Mirror);
    }

    /** Thickness of a coat, in coats of 20 µm dry. */
    public function perCoat(): float
    {
        return $this->applicator->dryMicrons() / 20.0;
    }

    /** A dab as the film sees it, without the sheen of the paper. */
    public static function bare(Spectrum $dab): Spectrum
    {
        return Sheen::moved($dab, self::DAB, Gloss::Mirror);
    }

    /** The last dab, when nothing has gone in since. */
    public function freshDab(): ?PotEvent
    {
        $dab = $this->lastDab();

        return null !== $dab && $dab->drops() == $this->drops ? $dab : null;
    }

    public function lastDab(): ?PotEvent
    {
        $dabs = array_values(array_filter($this->events(), static fn (PotEvent $e): bool => PotEventKind::Dabbed === $e->kind()));

        return [] === $dabs ? null : $dabs[\count($dabs) - 1];
    }

    /** @param array<string, int> $drops */
    public function follow(array $drops, string $text, Person $by, \DateTimeImmutable $at): void
    {
        $this->recipe = $drops;
        $this->log(PotEventKind::Chosen, $text, $by, $at);
    }

    /**
     * Drops that went in; fewer than none takes back a tap that no drop followed.
     *
     * @throws Refused
     */
    public function drop(Product $product, int $drops, Person $by, \DateTimeImmutable $at): void
    {
        if (PotState::Mixing !== $this->state) {
            throw Refused::now('This pot is closed. Open a new one.');
        }
        $code = $product->code();
        if ($drops < 0) {
            $since = 0;
            foreach ($this->events() as $event) {
                $since = PotEventKind::Dabbed === $event->kind() || PotEventKind::Laid === $event->kind() ? 0 : $since + ($event->drops()[$code] ?? 0);
            }
            if ($since + $drops < 0) {
                throw Refused::now('What has been dabbed is mixed in: it cannot be taken out again.');
            }
        }
        if ($this->held() + $drops > $this->capacity()) {
            throw Refused::now(\sprintf('The pot has room for %d drops. Start a larger one.', $this->capacity()));
        }
        $now = ($this->drops[$code] ?? 0) + $drops;
        $this->drops[$code] = $now;
        $this->drops = array_filter($this->drops);
        $product->take($drops * $this->dropMl);
        $last = $this->events->last();
        if (!$last instanceof PotEvent || !$last->goesOn($code, $by)) {
            $this->write($last = new PotEvent($this, PotEventKind::Dropped, '', $by, $at, [$code => 0]));
        }
        $last->count($product, $drops, $at);
        ++$this->doings;
    }

    /** @throws Refused when the pot is empty */
    public function dab(Spectrum $dab, string $text, Person $by, \DateTimeImmutable $at): void
    {
        if (0 === $this->held()) {
            throw Refused::now('There is nothing in the pot to dab yet.');
        }
        $this->write(new PotEvent($this, PotEventKind::Dabbed, $text, $by, $at, $this->drops, $dab->values));
    }

    /** @param array<string, mixed> $where */
    public function lay(array $where, string $text, Person $by, \DateTimeImmutable $at): void
    {
        $this->write(new PotEvent($this, PotEventKind::Laid, $text, $by, $at, $this->drops, null, $where));
    }

    public function keep(float $ml, string $where, string $text, Person $by, \DateTimeImmutable $at): void
    {
        $this->keptMl = $ml;
        $this->keptWhere = $where;
        $this->state = $ml > 0.0 ? PotState::Kept : PotState::Empty;
        $this->log(PotEventKind::Kept, $text, $by, $at);
    }

    /** A figure of this pot's own, from twenty drops counted into a measure (Q-6). */
    public function countDrops(float $mlOfTwenty): void
    {
        $this->dropMl = $mlOfTwenty / 20.0;
    }

    private function log(PotEventKind $kind, string $text, Person $by, \DateTimeImmutable $at): void
    {
        $this->write(new PotEvent($this, $kind, mb_substr($text, 0, 300), $by, $at));
    }

    private function write(PotEvent $event): void
    {
        $this->events->add($event);
        ++$this->doings;
    }
}
