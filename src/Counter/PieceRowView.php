<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use KindHeel\App\Job\PartColoursView;
use KindHeel\App\Job\PieceProgress;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;

final readonly class PieceRowView
{
    /** @param list<PartColoursView> $colours */
    public function __construct(
        public int $id,
        /** what stands on its label */
        public string $tag,
        public string $name,
        public Kind $kind,
        public Aim $aim,
        public PieceProgress $state,
        public bool $hasPlan,
        public int $stepsDone,
        public int $stepsAll,
        public array $colours,
        /** since when it has been done */
        public ?string $readyAt,
        /** where it stands on the ready shelf */
        public string $shelf,
        public ?float $sizeEu,
        /** the longest side of what is not worn on the foot */
        public ?float $lengthMm,
    ) {
    }
}
