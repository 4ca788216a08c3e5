<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Colour\Settling\SettlingAdvice;

/** The way back of a darkened place. */
final readonly class SettlingView
{
    /**
     * @param string                 $what     was laid
     * @param string|null            $dye      that lies below, by name
     * @param list<SettlingLookView> $looks    in their order
     * @param list<WayBackPointView> $way      as it is expected
     * @param float                  $least    ΔE00 that stays, one in ten less
     * @param float                  $most     one in ten more
     * @param int                    $alike    pieces of this leather whose way back is known here
     * @param string                 $sentence what is to be expected
     * @param string|null            $lookAt   when it is to be read next; null when it has been judged
     * @param bool                   $beside   what the untouched half did meanwhile is taken off
     */
    public function __construct(
        public int $id,
        public Half $half,
        public PartName $part,
        public string $where,
        public string $what,
        public ?string $dye,
        public string $laidAt,
        public SeenView $before,
        public array $looks,
        public array $way,
        public float $least,
        public float $most,
        public SeenView $final,
        public int $alike,
        public string $sentence,
        public SettlingAdvice $advice,
        public string $judgedFrom,
        public ?string $lookAt,
        public bool $beside,
    ) {
    }
}
