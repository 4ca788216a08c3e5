<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\App\People\Person;

/** A picture, a colour or a plan of a piece is new: steps that ask for no more may be done with it. Dispatched within the transaction, once it is stored. */
final readonly class PieceRecorded
{
    public function __construct(public StoredPiece $piece, public Person $by)
    {
    }
}
