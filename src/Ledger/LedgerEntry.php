<?php

declare(strict_types=1);

namespace KindHeel\App\Ledger;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\Halves;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\People\Person;
use KindHeel\Core\Drying\Air;

/** One line of the ledger: written once, never changed. */
#[ORM\Entity]
#[ORM\Table(name: 'ledger_entry')]
#[ORM\Index(columns: ['piece_id', 'event'])]
class LedgerEntry
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column(nullable: true)]
    private ?float $tempC;

    #[ORM\Column(nullable: true)]
    private ?float $rh;

    #[ORM\Column(length: 8, nullable: true)]
    private ?string $stepKey;

    #[ORM\Column(length: 8, nullable: true)]
    private ?Halves $halves;

    #[ORM\Column(nullable: true)]
    private ?float $plannedMinutes;

    public function __construct(
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $person,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private StoredPiece $piece,
        #[ORM\Column(length: 20)]
        private Event $event,
        #[ORM\Column(length: 600)]
        private string $text,
        ?StoredStep $step,
        ?Air $air,
        #[ORM\Column(nullable: true)]
        private ?int $realMinutes = null,
    ) {
        $this->stepKey = $step?->key();
        $this->halves = $step?->halves();
        $this->plannedMinutes = $step?->minutes();
        $this->tempC = $air?->tempC;
        $this->rh = $air?->rh;
    }
}
