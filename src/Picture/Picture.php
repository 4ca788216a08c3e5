<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

/** A picture of a piece; the files lie beside the database, by the digest of what was handed in. */
#[ORM\Entity]
#[ORM\Table(name: 'picture')]
#[ORM\Index(columns: ['piece_id', 'moment'])]
#[ORM\Index(columns: ['digest'])]
class Picture
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        #[ORM\Column(length: 10)]
        private Moment $moment,
        #[ORM\Column(length: 10, nullable: true)]
        private ?Half $half,
        #[ORM\Column(length: 30, nullable: true)]
        private ?PartName $part,
        #[ORM\Column(length: 20, nullable: true)]
        private ?Side $side,
        #[ORM\Column(length: 64)]
        private string $digest,
        #[ORM\Column]
        private int $width,
        #[ORM\Column]
        private int $height,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }
}
