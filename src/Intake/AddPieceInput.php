<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use KindHeel\App\Counter\PieceInput;
use Symfony\Component\Validator\Constraints as Assert;

/** One more piece on a ticket, and what is known of it. */
final readonly class AddPieceInput
{
    public function __construct(
        #[Assert\Valid]
        public PieceInput $piece,
        #[Assert\Valid]
        public WithPieceInput $with = new WithPieceInput(),
    ) {
    }
}
