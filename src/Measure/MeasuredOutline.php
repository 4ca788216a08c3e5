<?php

declare(strict_types=1);

namespace KindHeel\App\Measure;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

/** How the area of a part was found: the picture, the card and the outline as they were tapped. The newest of a part counts. */
#[ORM\Entity]
#[ORM\Table(name: 'measured_outline')]
class MeasuredOutline
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    /**
     * @param list<array{float, float}> $card
     * @param list<array{float, float}> $outline
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        #[ORM\Column(length: 30)]
        private PartName $part,
        #[ORM\Column(length: 10)]
        private Half $half,
        /** no foreign key: a picture may be taken away, and what was measured stays */
        #[ORM\Column]
        private int $pictureId,
        #[ORM\Column(type: 'json')]
        private array $card,
        #[ORM\Column(type: 'json')]
        private array $outline,
        #[ORM\Column]
        private float $areaDm2,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
        #[ORM\Column]
        private \DateTimeImmutable $at,
    ) {
    }
}
