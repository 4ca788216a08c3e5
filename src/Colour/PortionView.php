<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\Pot\CountBy;
use KindHeel\Core\Colour\Pot\Portion;

/** An amount of a paint as hands count it with the least to do. */
final readonly class PortionView
{
    /**
     * @param float  $amount in ml or g; nothing where it is counted by drops alone
     * @param int    $drops  to be counted after that
     * @param string $words  such as “60 ml, then 14 drops”
     */
    public function __construct(public CountBy $by, public float $amount, public int $drops, public string $measured, public string $words)
    {
    }

    public static function of(Portion $portion): self
    {
        return new self($portion->by, round($portion->amount, 1), $portion->drops, $portion->measured(), $portion->words());
    }
}
