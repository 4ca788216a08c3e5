<?php

declare(strict_types=1);

namespace KindHeel\App\Learning;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;

/** One thing seen here: how long it really took against what the book says. */
#[ORM\Entity]
#[ORM\Table(name: 'evidence')]
#[ORM\Index(columns: ['set_aside'])]
class Evidence
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    /** It was reset: kept, but no longer counted. */
    #[ORM\Column]
    private bool $setAside = false;

    public function __construct(
        #[ORM\Column(length: 10)]
        private EvidenceKind $kind,
        #[ORM\Column(length: 60)]
        private string $what,
        #[ORM\Column]
        private float $ratio,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $person,
    ) {
    }

    public function setAside(): void
    {
        $this->setAside = true;
    }
}
