<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

final readonly class PotView
{
    /**
     * @param SeenView          $target   as it was read
     * @param SeenView          $aim      what the bare film must be so that it looks like that when finished
     * @param list<DropView>    $drops
     * @param list<DropView>    $recipe
     * @param list<DabView>     $dabs     the latest first
     * @param list<PotLineView> $history  the latest first
     * @param list<DropView>    $paints   all there are, to drop from
     * @param bool              $dabFresh nothing has gone in since the last dab
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public PotState $state,
        public int $piece,
        public string $pieceName,
        public Half $half,
        public PartName $part,
        public string $partLabel,
        public SeenView $target,
        public SeenView $aim,
        public string $aimWords,
        public ?SeenView $ground,
        public ?SeenView $now,
        public ?DifferenceView $off,
        public float $day,
        public float $lamp,
        public float $tube,
        public string $lights,
        public array $drops,
        public array $recipe,
        public int $total,
        public int $capacity,
        public float $dropMl,
        public array $dabs,
        public bool $dabFresh,
        public array $history,
        public PotNeedView $need,
        public ?float $keptMl,
        public string $keptWhere,
        public array $paints,
    ) {
    }
}
