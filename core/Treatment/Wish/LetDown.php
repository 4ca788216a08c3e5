<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Wish;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Quantity\RoundUp;
use KindHeel\Core\Text\Message;

/** One wash of a dye as it was chosen from the ladder on this very ground: which, how far let down, and what lays it. */
final readonly class LetDown
{
    /**
     * @param string $dye     as it is called on the shelf
     * @param int    $thinner parts of thinner to one of dye; 0 for undiluted
     * @param string $diluent its own thinner, as it is called
     */
    public function __construct(public string $dye, public FamilyId $family, public int $thinner, public string $diluent, public Applicator $applicator)
    {
    }

    /** “walnut dye, 1:3 in alcohol”. */
    public function words(): string
    {
        return 0 === $this->thinner ? Message::of('%s, undiluted', $this->dye) : Message::of('%s, 1:%d in %s', $this->dye, $this->thinner, $this->diluent);
    }

    /** What so many millilitres are mixed from, to the tenth. */
    public function amounts(float $ml): string
    {
        $dye = RoundUp::whole(10.0 * $ml / (1 + $this->thinner)) / 10.0;

        return 0 === $this->thinner
            ? Message::of('%.1f ml', $dye)
            : Message::of('%.1f ml of dye and %.1f ml of %s', $dye, $this->thinner * $dye, $this->diluent);
    }
}
