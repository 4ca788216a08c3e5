<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Pot\PotPhase;

final readonly class PotView
{
    /**
     * @param SeenView          $target    as it was read
     * @param SeenView          $aim       what the bare film must be so that it looks like that when finished
     * @param PotLookView|null  $now       nothing while there is no colour in it
     * @param list<DropView>    $drops
     * @param list<DropView>    $recipe
     * @param list<DropView>    $due       what the recipe still wants, the base first
     * @param list<DropView>    $paints    all there are, to drop from
     * @param list<DabView>     $dabs      the latest first
     * @param bool              $dabbed    nothing has gone in since the last dab
     * @param list<PotLineView> $history   the latest first
     * @param list<string>      $places    that it is for, in words
     * @param bool              $planned   as large as the coats that the plan lays there
     * @param list<PotCoatView> $coats     that the plan lays from it
     * @param float             $leftMl    in it that has not been laid
     * @param float|null        $shortMl   that its coats want more than it comes to
     * @param string|null       $goodUntil what is kept of it
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public PotState $state,
        public PotPhase $phase,
        public PotPlaceView $place,
        public SeenView $target,
        public SeenView $aim,
        public string $aimWords,
        public Gloss $finish,
        /** of the part, as things stand; another where that was changed since */
        public Gloss $agreedFinish,
        public ?SeenView $ground,
        public ?PotLookView $now,
        public array $drops,
        public array $recipe,
        public array $due,
        public array $paints,
        public int $total,
        public int $capacity,
        public float $dropMl,
        public array $dabs,
        public bool $dabbed,
        public array $history,
        public PotNeedView $need,
        public ?float $keptMl,
        public string $keptWhere,
        public array $places,
        public bool $planned,
        public array $coats,
        public float $capacityMl,
        public float $leftMl,
        public ?float $shortMl,
        public ?string $goodUntil,
    ) {
    }
}
