<?php

declare(strict_types=1);

namespace KindHeel\App\OwnerPage;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Person;

/** What the owner was told and has put a name to: the sentences as they were read, and the drawn signature. */
#[ORM\Entity]
#[ORM\Table(name: 'agreement')]
class Agreement
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    /**
     * @param array<string, list<string>> $told     sentences under their heads
     * @param list<list<array{int, int}>> $strokes  points of the pen in a field of 600 × 200
     * @param int                         $assessed the state of the assessment that it was signed for
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        #[ORM\Column]
        private int $assessed,
        #[ORM\Column(type: 'json')]
        private array $told,
        #[ORM\Column(type: 'json')]
        private array $strokes,
        #[ORM\Column(length: 120)]
        private string $signedBy,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $witness,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
    ) {
    }
}
