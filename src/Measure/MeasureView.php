<?php

declare(strict_types=1);

namespace KindHeel\App\Measure;

/** What may be measured on the pictures of a piece, and what was. */
final readonly class MeasureView
{
    /**
     * @param list<float>            $cardMm   sides of the card of this workshop
     * @param list<PartAreaView>     $parts
     * @param list<MeasuredMarkView> $findings
     */
    public function __construct(public int $piece, public int $version, public string $name, public array $cardMm, public array $parts, public array $findings)
    {
    }
}
