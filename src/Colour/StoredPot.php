<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\Product;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\DifferenceWords;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Pot\EyeDab;
use KindHeel\Core\Colour\Pot\Pot;
use KindHeel\Core\Colour\Pot\PotAim;
use KindHeel\Core\Colour\Pot\PotNeed;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Quantity\Need;
use KindHeel\Core\Stock\OpenedLife;
use KindHeel\Core\Text\NotNow;

/** A mixed colour: what it is to match, what went in drop by drop, its dabs, and what is left of it. */
#[ORM\Entity]
#[ORM\Table(name: 'pot')]
class StoredPot
{
    /** What has been stirred: a tap before it cannot be taken back. */
    private const STIRRED = [PotEventKind::Dabbed, PotEventKind::Laid, PotEventKind::Poured];
    /** What is less sticks to the jar. */
    private const GONE_ML = 0.2;

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

    /** @var list<array{part: string, half: string}> that it is for; the target's own where there are none */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $places = [];

    /** It is for the coats that a plan lays there, and as large as they are. */
    #[ORM\Column(options: ['default' => false])]
    private bool $planned = false;

    /** ml that those coats take, and how many lie on the place that gets most. */
    #[ORM\Column(options: ['default' => 0])]
    private float $planMl = 0.0;

    #[ORM\Column(options: ['default' => 0])]
    private int $planCoats = 0;

    /** Drops that its jar has room for; null where it is as large as the job asks. */
    #[ORM\Column(nullable: true)]
    private ?int $room = null;

    /** ml that have been laid of what is in it. */
    #[ORM\Column(options: ['default' => 0])]
    private float $laidMl = 0.0;

    /** Counts what was done to it: what is written into its history changes the pot for everybody. */
    #[ORM\Column]
    private int $doings = 0;

    /** @var Collection<int, PotEvent> */
    #[ORM\OneToMany(targetEntity: PotEvent::class, mappedBy: 'pot', cascade: ['persist'], orphanRemoval: true)]
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
        Place ...$places,
    ) {
        $this->events = new ArrayCollection();
        $this->places = array_map(static fn (Place $p): array => ['part' => $p->part->value, 'half' => $p->half->value], array_values($places));
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

    /** @return non-empty-list<Place> that it is for */
    public function places(): array
    {
        $places = array_map(static fn (array $p): Place => new Place(PartName::from($p['part']), Half::from($p['half'])), $this->places);

        return [] === $places ? [$this->target->place()] : $places;
    }

    public function isPlanned(): bool
    {
        return $this->planned;
    }

    public function leftMl(): float
    {
        return $this->value()->leftMl();
    }

    /**
     * The plan lays so much of it; nothing where it lays none any more.
     *
     * @param float $ml    of all its coats
     * @param int   $coats on the place that gets most
     */
    public function follows(float $ml, int $coats): void
    {
        $this->planned = true;
        $this->planMl = $ml;
        $this->planCoats = $coats;
    }

    public function rename(string $name, Person $by, \DateTimeImmutable $at): void
    {
        $this->log(PotEventKind::Changed, \sprintf('It was called “%s”.', $this->name), $by, $at);
        $this->name = $name;
    }

    /** Matched for another finish; what was dabbed stays, and is held against the new aim. */
    public function matchFor(Gloss $finish, Person $by, \DateTimeImmutable $at): void
    {
        $this->log(PotEventKind::Changed, \sprintf('Matched for a %s finish; before, for a %s one.', $finish->value, $this->finish->value), $by, $at);
        $this->finish = $finish;
    }

    /** @throws NotNow where it would run over */
    public function putInto(float $jarMl, Person $by, \DateTimeImmutable $at): void
    {
        $this->room = $this->value()->inJarOf($jarMl)->room;
        $this->log(PotEventKind::Changed, \sprintf('A jar of %s ml.', self::ml($jarMl)), $by, $at);
    }

    /** @throws NotNow */
    public function forAmount(float $ml, Person $by, \DateTimeImmutable $at): void
    {
        $value = $this->value()->forAmount($ml);
        $this->recipe = $value->recipe;
        $this->room = $value->room;
        $this->log(PotEventKind::Changed, \sprintf('To come to %s ml.', self::ml($ml)), $by, $at);
    }

    /**
     * Another pot, or a share of it, goes into this one.
     *
     * @param float $share of what is left in the other, above 0 to 1
     *
     * @throws NotNow
     */
    public function pourIn(self $other, float $share, Person $by, \DateTimeImmutable $at): void
    {
        $ml = self::ml($share * $other->leftMl());
        $value = $this->value()->pouredIn($other->value(), $share);
        $this->drops = $value->drops;
        $this->recipe = $value->recipe;
        $this->laidMl = $value->laidMl;
        $this->write(new PotEvent($this, PotEventKind::Poured, \sprintf('%s ml of “%s” poured in.', $ml, $other->name()), $by, $at));
        $other->pourOut($share, \sprintf('%s ml poured into “%s”.', $ml, $this->name), $by, $at);
    }

    private function pourOut(float $share, string $text, Person $by, \DateTimeImmutable $at): void
    {
        $this->laidMl = $this->value()->pouredOut($share)->laidMl;
        if (PotState::Kept === $this->state) {
            $this->keptMl = round($this->leftMl(), 2);
            $this->state = $this->keptMl < self::GONE_ML ? PotState::Empty : PotState::Kept;
        }
        $this->log(PotEventKind::Poured, $text, $by, $at);
    }

    /** It is mixed on: what was kept is in it. */
    public function openAgain(Person $by, \DateTimeImmutable $at): void
    {
        $this->state = PotState::Mixing;
        $this->keptMl = null;
        $this->log(PotEventKind::Changed, 'Opened again.', $by, $at);
    }

    /** A mixed colour keeps as long as the paint that it was mixed from; null while nothing of it is kept. */
    public function goodUntil(): ?\DateTimeImmutable
    {
        $kept = array_filter($this->events(), static fn (PotEvent $e): bool => PotEventKind::Kept === $e->kind());
        $last = end($kept);

        return PotState::Kept !== $this->state || false === $last ? null : (new OpenedLife(Family::of(FamilyId::Paint)->openedMonths))->endsAt($last->at());
    }

    public function throwAway(string $why, Person $by, \DateTimeImmutable $at): void
    {
        $this->state = PotState::Empty;
        $this->keptMl = 0.0;
        $this->laidMl = $this->value()->kept(0.0)->laidMl;
        $this->log(PotEventKind::Changed, 'Thrown away: '.$why, $by, $at);
    }

    /** @return list<PotEvent> */
    public function events(): array
    {
        return array_values($this->events->toArray());
    }

    /** What the coats need, and a fifth. */
    public function need(): PotNeed
    {
        return $this->planned && $this->planMl > 0.0
            ? PotNeed::planned($this->planMl, max(1, $this->planCoats), $this->applicator, $this->dropMl)
            : PotNeed::of($this->areaDm2, Family::of(FamilyId::Paint)->usePerM2, $this->coats, $this->applicator, $this->dropMl);
    }

    /** The pot as hands and rules see it. */
    public function value(): Pot
    {
        $loose = [];
        $dab = null;
        foreach ($this->events() as $event) {
            if (\in_array($event->kind(), self::STIRRED, true)) {
                $loose = [];
                $dab = $event->dab() ?? $dab;
            } elseif (PotEventKind::Dropped === $event->kind()) {
                foreach ($event->drops() as $code => $count) {
                    $loose[$code] = ($loose[$code] ?? 0) + $count;
                }
            }
        }

        return new Pot(
            $this->need(),
            $this->drops,
            $this->recipe,
            array_filter($loose),
            $dab,
            PotState::Mixing !== $this->state,
            $this->room,
            $this->laidMl,
        );
    }

    /** Finished and dry it is to look as the target was read. */
    public function aim(): PotAim
    {
        return PotAim::of($this->target->spectrum(), $this->finish);
    }

    /** What it will lie on, as the film sees it. */
    public function over(): ?Spectrum
    {
        return $this->ground?->film();
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
        $value = $this->value()->drop($code, $drops);
        $this->drops = $value->drops;
        $this->recipe = $value->recipe;
        $this->laidMl = $value->laidMl;
        $last = $this->events->last();
        if (!$last instanceof PotEvent || !$last->goesOn($code, $by)) {
            $this->write($last = new PotEvent($this, PotEventKind::Dropped, '', $by, $at, [$code => 0]));
        }
        $last->count($product, $drops, $at);
        ++$this->doings;
    }

    /**
     * @param EyeDab|null $eye where no instrument read it
     *
     * @throws NotNow when the pot is empty
     */
    public function dab(Spectrum $read, ?EyeDab $eye, Person $by, \DateTimeImmutable $at): void
    {
        $value = $this->value()->dabbed($read, $eye);
        $off = null !== $eye ? 'by eye, '.$eye->words()
            : DifferenceWords::of($this->aim()->lab(), $value->dab?->lab() ?? throw new \LogicException('A dab without a reading.'))->off();
        $text = \sprintf('Dab at %d drops: %s.', $value->held(), $off);
        $this->write(new PotEvent($this, PotEventKind::Dabbed, $text, $by, $at, $this->drops, $read->values, eye: $eye?->steps));
    }

    /**
     * @param float                $ml    that it took
     * @param array<string, mixed> $where
     * @param int|null             $step  of a plan
     *
     * @throws NotNow when there is nothing in it, or not so much
     */
    public function lay(float $ml, array $where, string $text, Person $by, \DateTimeImmutable $at, ?int $step = null): void
    {
        $this->laidMl = $this->value()->laid($ml)->laidMl;
        $this->write(new PotEvent($this, PotEventKind::Laid, $text, $by, $at, $this->drops, null, $where, ml: $ml, stepId: $step));
    }

    /** What a step laid of it was not laid; what is kept was measured, whatever was laid. */
    public function takeBack(PotEvent $laid): void
    {
        $this->laidMl = PotState::Mixing === $this->state ? max(0.0, $this->laidMl - $laid->ml()) : $this->laidMl;
        $this->events->removeElement($laid);
        ++$this->doings;
    }

    public function keep(float $ml, string $where, string $text, Person $by, \DateTimeImmutable $at): void
    {
        $this->laidMl = $this->value()->kept($ml)->laidMl;
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
        $this->write(new PotEvent($this, $kind, $text, $by, $at));
    }

    private static function ml(float $ml): string
    {
        return rtrim(rtrim(number_format($ml, 1, '.', ''), '0'), '.');
    }

    private function write(PotEvent $event): void
    {
        $this->events->add($event);
        ++$this->doings;
    }
}
