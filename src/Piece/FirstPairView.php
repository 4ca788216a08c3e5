<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\App\Job\PieceProgress;

/** How far the first piece of a workshop has come; it is led until it is collected. */
final readonly class FirstPairView
{
    public function __construct(
        /** null while nothing has been taken in */
        public ?PieceProgress $progress,
        public ?int $piece,
        public ?int $ticket,
        public ?string $name,
    ) {
    }
}
