<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\Product;
use KindHeel\Core\Colour\DifferenceWords;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Pot\Pot;
use KindHeel\Core\Colour\Pot\PotAim;
use KindHeel\Core\Colour\Pot\PotNeed;
use KindHeel\Core\Colour\Sheen;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Quantity\Need;
use KindHeel\Core\Text\NotNow;

/** A mixed colour: what it is to match, what went in drop by drop, its dabs, and what is left of it. */
#[ORM\Entity]
#[ORM\Table(name: 'pot')]
class StoredPot
{
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
    private float $dropMl = Need::DROP_ML;

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

    /** The pot as hands and rules see it. */
    public function value(): Pot
    {
        $loose = [];
        $dab = null;
        foreach ($this->events() as $event) {
            if (PotEventKind::Dabbed === $event->kind() || PotEventKind::Laid === $event->kind()) {
                $loose = [];
                $dab = $event->dab() ?? $dab;
            } elseif (PotEventKind::Dropped === $event->kind()) {
                foreach ($event->drops() as $code => $count) {
                    $loose[$code] = ($loose[$code] ?? 0) + $count;
                }
            }
        }

        return new Pot($this->need(), $this->drops, $this->recipe, array_filter($loose), $dab, PotState::Mixing !== $this->state);
    }

    /** Finished and dry it is to look as the target was read. */
    public function aim(): PotAim
    {
        return PotAim::of($this->target->spectrum(), $this->finish);
    }

    /** What it will lie on, as the film sees it. */
    public function over(): ?Spectrum
    {
        return null === $this->ground ? null : Sheen::moved($this->ground->spectrum(), $this->ground->gloss(), Gloss::Mirror);
    }

    /** @param array<string, int> $drops */
    public function follow(array $drops, string $text, Person $by, \DateTimeImmutable $at): void
    {
        $this->recipe = $this->value()->follow($drops)->recipe;
        $this->log(PotEventKind::Chosen, $text, $by, $at);
    }

    /**
     * Drops that went in; fewer than none takes back a tap that no drop followed.
     *
     * @throws NotNow
     */
    public function drop(Product $product, int $drops, Person $by, \DateTimeImmutable $at): void
    {
        $code = $product->code();
        $this->drops = $this->value()->drop($code, $drops)->drops;
        $last = $this->events->last();
        if (!$last instanceof PotEvent || !$last->goesOn($code, $by)) {
            $this->write($last = new PotEvent($this, PotEventKind::Dropped, '', $by, $at, [$code => 0]));
        }
        $last->count($product, $drops, $at);
        ++$this->doings;
    }

    /** @throws NotNow when the pot is empty */
    public function dab(Spectrum $read, Person $by, \DateTimeImmutable $at): void
    {
        $value = $this->value()->dabbed($read);
        $off = DifferenceWords::of($this->aim()->lab(), $value->dab?->lab() ?? throw new \LogicException('A dab without a reading.'))->off();
        $this->write(new PotEvent($this, PotEventKind::Dabbed, \sprintf('Dab at %d drops: %s.', $value->held(), $off), $by, $at, $this->drops, $read->values));
    }

    /**
     * @param array<string, mixed> $where
     *
     * @throws NotNow when the pot is empty
     */
    public function lay(array $where, string $text, Person $by, \DateTimeImmutable $at): void
    {
        $this->value()->laid();
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
