<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

/** What is known of a piece as it is taken in. */
final readonly class WithPieceInput
{
    public function __construct(
        /** made like this one, which was here before */
        public ?int $like = null,
        /** a usual job: it is planned at once */
        public ?int $job = null,
    ) {
    }
}
