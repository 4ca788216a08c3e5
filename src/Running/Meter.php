<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** Something that whoever looks after the machine wants to watch. */
#[AutoconfigureTag]
interface Meter
{
    /** @return iterable<Measure> */
    public function measures(): iterable;
}
