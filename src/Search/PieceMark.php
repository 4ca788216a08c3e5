<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

use Doctrine\ORM\Mapping as ORM;

/**
 * What a piece is, had and was treated with, and each word that is known of it: “finding_scuff”, “lot_4”, “word_boots”; “any” is each piece’s. The newest that
 * have one stand together in the index: a full-text index goes through all that have a word before it says which is the newest. Beside {@see PieceText}.
 */
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
        /** the day it came in */
        #[ORM\Column(type: 'date_immutable')]
        private \DateTimeImmutable $at,
    ) {
    }
}
