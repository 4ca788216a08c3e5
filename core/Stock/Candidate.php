<?php

declare(strict_types=1);

namespace KindHeel\Core\Stock;

use KindHeel\Core\Colour\Shade;

/** A product of a family, as far as it matters to which of several is laid. */
final readonly class Candidate
{
    /** @param Shade|null $shade null for what has no colour of its own */
    public function __construct(public int $product, public ?Shade $shade, public bool $retired, public bool $opened, public bool $onHand)
    {
    }

    /**
     * The one that is laid where nobody says which: of the shade that is wanted before one without, what is still bought, what is open, what is there.
     *
     * @param list<self> $candidates of one family
     */
    public static function best(array $candidates, ?Shade $wanted): ?self
    {
        $fit = array_values(array_filter($candidates, static fn (self $c): bool => null === $c->shade || $c->shade === $wanted));
        usort($fit, static fn (self $a, self $b): int => $a->rank() <=> $b->rank());

        return $fit[0] ?? null;
    }

    /** @return list<bool|int> */
    private function rank(): array
    {
        return [null === $this->shade, $this->retired, !$this->opened, !$this->onHand, $this->product];
    }
}
