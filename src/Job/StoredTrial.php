<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\RecordedTrial;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Material\TrialResult;
use KindHeel\Core\Product\FamilyId;

/** A trial as it is kept. */
#[ORM\Entity]
#[ORM\Table(name: 'trial')]
class StoredTrial
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column(length: 10)]
    private Half $half;

    #[ORM\Column(length: 30)]
    private PartName $part;

    /** @var list<string> further places it speaks for, as half/part */
    #[ORM\Column(type: 'json')]
    private array $speaksFor;

    #[ORM\Column(length: 10)]
    private Trial $trial;

    #[ORM\Column(length: 30)]
    private Outcome $outcome;

    #[ORM\Column(length: 30, nullable: true)]
    private ?FamilyId $product;

    /** @var list<float>|null L*, a*, b* */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $labBefore;

    /** @var list<float>|null L*, a*, b*, dry */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $labAfter;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'trials'), ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        RecordedTrial $trial,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
    ) {
        $this->half = $trial->at->half;
        $this->part = $trial->at->part;
        $this->speaksFor = array_map(strval(...), $trial->speaksFor);
        $this->trial = $trial->result->trial;
        $this->outcome = $trial->result->outcome;
        $this->product = $trial->product;
        $this->labBefore = null === $trial->before ? null : [$trial->before->lightness, $trial->before->a, $trial->before->b];
        $this->labAfter = null === $trial->after ? null : [$trial->after->lightness, $trial->after->a, $trial->after->b];
    }

    public function id(): ?int
    {
        return $this->id;
    }

    public function toCore(): RecordedTrial
    {
        return new RecordedTrial(
            new Place($this->part, $this->half),
            array_map(static function (string $key): Place {
                [$half, $part] = explode('/', $key, 2) + [1 => ''];

                return new Place(PartName::from($part), Half::from($half));
            }, $this->speaksFor),
            new TrialResult($this->trial, $this->outcome),
            $this->product,
            self::lab($this->labBefore),
            self::lab($this->labAfter),
        );
    }

    /** @param list<float>|null $lab */
    private static function lab(?array $lab): ?Lab
    {
        return null === $lab || 3 !== \count($lab) ? null : Lab::of((float) $lab[0], (float) $lab[1], (float) $lab[2]);
    }
}
