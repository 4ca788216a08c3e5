<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use KindHeel\App\Job\ReachedBy;

/** One owner, and all that is due of theirs in a month. */
final readonly class SeasonOwnerView
{
    /** @param list<SeasonCareView> $cares */
    public function __construct(public int $owner, public string $name, public ?ReachedBy $by, public string $contact, public array $cares, public bool $told)
    {
    }
}
