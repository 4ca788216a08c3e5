<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

/** What became of a piece that is not worked on after all. */
enum CalledOff: string
{
    case GivenBack = 'given-back';
    case Kept = 'kept';
    case Discarded = 'discarded';
    case NeverCame = 'never-came';

    /** As the ledger tells it. */
    public function told(): string
    {
        return match ($this) {
            self::GivenBack => 'it was given back as it is',
            self::Kept => 'it stays here as it is',
            self::Discarded => 'it was thrown away, as its owner wished',
            self::NeverCame => 'it never came in',
        };
    }
}
