<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

final readonly class PieceRowView
{
    /** @param list<PartColourView> $colours */
    public function __construct(
        public int $id,
        /** what stands on its label */
        public string $tag,
        public string $name,
        public string $kind,
        public string $aim,
        /** to-look-over, to-plan, referred, planned, in-work or finished */
        public string $state,
        public int $stepsDone,
        public int $stepsAll,
        public array $colours,
    ) {
    }
}
