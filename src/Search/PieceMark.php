<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

use Doctrine\ORM\Mapping as ORM;

/** What a piece is, had and was treated with, as it is asked for: “finding_scuff”, “family_cream”, “lot_4”; beside {@see PieceText}. */
#[ORM\Entity]
#[ORM\Table(name: 'piece_mark')]
#[ORM\Index(columns: ['piece_id'])]
class PieceMark
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 60)]
        private string $mark,
        #[ORM\Id, ORM\Column]
        private int $pieceId,
    ) {
    }
}
