<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

use Doctrine\ORM\Mapping as ORM;

/** Everything that is known of a piece in words, so that it is found by any phrase of them; made anew when its ledger has gone on ({@see PieceWords}). */
#[ORM\Entity]
#[ORM\Table(name: 'piece_text')]
#[ORM\Index(columns: ['words'], flags: ['fulltext'])]
#[ORM\Index(columns: ['upto'])]
class PieceText
{
    public function __construct(
        #[ORM\Id, ORM\Column]
        private int $pieceId,
        #[ORM\Column(type: 'text')]
        private string $words,
        /** the last line of its ledger that is in here */
        #[ORM\Column]
        private int $upto,
    ) {
    }
}
