<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Air\AirHistory;
use KindHeel\Core\Drying\DryingPlace;

/** A piece stands at another place from a moment on, and meets the air there. */
#[ORM\Entity]
#[ORM\Table(name: 'piece_move')]
#[ORM\Index(columns: ['piece_id', 'at'])]
class PieceMove
{
    /** Where a piece `p` stands: as a value in SQL. */
    public const PLACE = "COALESCE((SELECT m.place FROM piece_move m WHERE m.piece_id = p.id ORDER BY m.at DESC, m.id DESC LIMIT 1), '"
        .AirHistory::USUAL->value."')";

    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        #[ORM\Column(length: 10)]
        private DryingPlace $place,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $at,
    ) {
    }
}
