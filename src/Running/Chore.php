<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** Something that is kept in order while nobody waits, a little at a time. */
#[AutoconfigureTag]
interface Chore
{
    public function round(): void;
}
