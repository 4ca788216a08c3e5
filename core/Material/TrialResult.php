<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

use KindHeel\Core\Text\Message;

/** A trial and what came of it. */
final readonly class TrialResult
{
    /** @throws \DomainException when the trial cannot end so */
    public function __construct(public Trial $trial, public Outcome $outcome)
    {
        if (!\in_array($outcome, $trial->outcomes(), true)) {
            throw new \DomainException(Message::of('A %s cannot end with “%s”.', $trial->label(), $outcome->label()));
        }
    }
}
