<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\Core\Drying\Stage;

/** How the coat of a stored step comes on: the moments of its stages, with what failed tests have added, and its gate test. */
final readonly class CoatRecord
{
    /**
     * @param array<string, int|null> $moments     by {@see Stage} value, in seconds since 1970
     * @param Stage|null              $gateFrom    where its gate test is answered; null where nothing waits for it
     * @param int                     $added       minutes that failed tests have added
     * @param list<string>            $airWarnings what the air does to it
     */
    public function __construct(
        public array $moments,
        public ?string $gate,
        public ?Stage $gateFrom,
        public bool $passed,
        public int $added,
        public array $airWarnings,
    ) {
    }

    public function at(Stage $stage): ?int
    {
        return $this->moments[$stage->value] ?? null;
    }
}
