<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\Product;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\Pot\Dab;
use KindHeel\Core\Colour\Pot\EyeDab;
use KindHeel\Core\Colour\Spectrum;

/** One line of a pot's history: a run of drops of one paint, a dab, coats. What is written stays; a run grows until something else is done. */
#[ORM\Entity]
#[ORM\Table(name: 'pot_event')]
#[ORM\Index(columns: ['step_id'])]
class PotEvent
{
    private const LONGEST = 300;

    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column(length: self::LONGEST)]
    private string $text;

    /**
     * @param array<string, int>|null $drops    that went in, or that a dab was of
     * @param list<float>|null        $spectrum of a dab, 31 bands, as the reader saw it
     * @param array<string, mixed>    $laid     where coats were laid: piece, half, part, spot, applicator, coats; and all places that a whole coat was laid on
     * @param array<string, int>|null $eye      of a dab that no instrument read: steps by the word
     * @param float                   $ml       that was laid
     * @param int|null                $stepId   the step of a plan that laid it
     */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'events'), ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPot $pot,
        #[ORM\Column(length: 10)]
        private PotEventKind $kind,
        string $text,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
        #[ORM\Column(type: 'json', nullable: true)]
        private ?array $drops = null,
        #[ORM\Column(type: 'json', nullable: true)]
        private ?array $spectrum = null,
        #[ORM\Column(type: 'json')]
        private array $laid = [],
        #[ORM\Column(type: 'json', nullable: true)]
        private ?array $eye = null,
        #[ORM\Column(options: ['default' => 0])]
        private float $ml = 0.0,
        #[ORM\Column(nullable: true)]
        private ?int $stepId = null,
    ) {
        $this->text = mb_substr($text, 0, self::LONGEST);
    }

    /** As the history names a place that a whole coat was laid on, to be looked for. */
    public static function placed(Place $place): string
    {
        return (string) json_encode(['half' => $place->half->value, 'part' => $place->part->value]);
    }

    /** Whether further drops of this paint, by the same hand, go on with this line. */
    public function goesOn(string $code, Person $by): bool
    {
        return PotEventKind::Dropped === $this->kind && [$code] === array_keys($this->drops()) && $by === $this->by;
    }

    /** @param int $drops fewer than none for taps that no drop followed */
    public function count(Product $product, int $drops, \DateTimeImmutable $at): void
    {
        $code = $product->code();
        $before = \is_int($this->laid['taken_back'] ?? null) ? $this->laid['taken_back'] : 0;
        $back = $before + max(0, -$drops);
        $this->drops = [$code => ($this->drops[$code] ?? 0) + $drops];
        $this->laid = 0 === $back ? [] : ['taken_back' => $back];
        $this->text = \sprintf(
            '%d × %s.%s',
            $this->drops[$code],
            $product->name(),
            0 === $back ? '' : \sprintf(' %d taken back: %s not dropped.', $back, 1 === $back ? 'it had' : 'they had'),
        );
        $this->at = $at;
    }

    public function id(): int
    {
        return $this->id ?? 0;
    }

    public function kind(): PotEventKind
    {
        return $this->kind;
    }

    public function text(): string
    {
        return $this->text;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    public function by(): Person
    {
        return $this->by;
    }

    /** @return array<string, int> */
    public function drops(): array
    {
        return $this->drops ?? [];
    }

    /** What was dabbed and read, or judged; nothing of a line that is no dab. */
    public function dab(): ?Dab
    {
        return null === $this->spectrum ? null : new Dab(
            $this->drops(),
            Spectrum::grid(array_map(floatval(...), $this->spectrum)),
            null === $this->eye ? null : EyeDab::of($this->pot->aim()->lab(), $this->eye),
        );
    }

    public function pot(): StoredPot
    {
        return $this->pot;
    }

    public function ml(): float
    {
        return $this->ml;
    }

    public function stepId(): ?int
    {
        return $this->stepId;
    }

    /** @return array<string, mixed> */
    public function laid(): array
    {
        return $this->laid;
    }
}
