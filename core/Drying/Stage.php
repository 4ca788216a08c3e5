<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

/** The moments that matter in the life of a coat (W-1), by their names in the contract. */
enum Stage: string
{
    /** No mark from a light finger. */
    case Touch = 'touch';
    /** The next coat of the same family may go on. */
    case RecoatFrom = 'recoat_from';
    /** After this the next coat needs a key. */
    case RecoatUntil = 'recoat_until';
    /** Ready for a different family. */
    case Next = 'next';
    /** May be flexed, rained on, boxed. */
    case Full = 'full';

    /** Who waits for this stage has waited for that one too. */
    public function covers(self $other): bool
    {
        return $this->rank() >= $other->rank();
    }

    public function isBefore(self $other): bool
    {
        return $this->rank() < $other->rank();
    }

    private function rank(): int
    {
        return match ($this) {
            self::Touch => 1,
            self::RecoatFrom, self::RecoatUntil => 2,
            self::Next => 3,
            self::Full => 4,
        };
    }
}
