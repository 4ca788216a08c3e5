<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;

#[ORM\Entity]
#[ORM\Table(name: 'finding')]
class StoredFinding
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Column(length: 10)]
    private Half $half;

    #[ORM\Column(length: 30)]
    private PartName $part;

    #[ORM\Column(length: 30)]
    private FindingKind $kind;

    #[ORM\Column]
    private Severity $severity;

    #[ORM\Column(nullable: true)]
    private ?float $lengthMm;

    #[ORM\Column(nullable: true)]
    private ?float $widthMm;

    #[ORM\Column(nullable: true)]
    private ?float $depthMm;

    #[ORM\Column(nullable: true)]
    private ?float $share;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'findings'), ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        Finding $finding,
    ) {
        $this->half = $finding->at->half;
        $this->part = $finding->at->part;
        $this->kind = $finding->kind;
        $this->severity = $finding->severity;
        $this->lengthMm = $finding->lengthMm;
        $this->widthMm = $finding->widthMm;
        $this->depthMm = $finding->depthMm;
        $this->share = $finding->share;
    }

    public function id(): ?int
    {
        return $this->id;
    }

    /** In mm, as it was measured. */
    public function measures(float $lengthMm, ?float $widthMm): void
    {
        $this->lengthMm = $lengthMm;
        $this->widthMm = $widthMm ?? $this->widthMm;
    }

    public function toCore(): Finding
    {
        return new Finding(new Place($this->part, $this->half), $this->kind, $this->severity, $this->lengthMm, $this->widthMm, $this->depthMm, $this->share);
    }
}
