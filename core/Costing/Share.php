<?php

declare(strict_types=1);

namespace KindHeel\Core\Costing;

/** Work by hand that an owner pays for under one line. */
final readonly class Share
{
    /**
     * @param string $what      as the owner reads it
     * @param float  $minutes   as this workshop takes them
     * @param float  $deviation standard deviation of them
     */
    public function __construct(public string $what, public KindOfWork $kind, public float $minutes, public float $deviation)
    {
    }

    /** Standard deviation as a share of the minutes. */
    public function cv(): float
    {
        return $this->minutes > 0.0 ? $this->deviation / $this->minutes : 0.0;
    }
}
