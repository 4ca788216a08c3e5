<?php

declare(strict_types=1);

namespace KindHeel\App\OwnerPage;

/** What the owner is told, and what was signed. */
final readonly class OwnerPageView
{
    /**
     * @param list<string>       $gone
     * @param list<string>       $softer
     * @param list<string>       $stays
     * @param list<string>       $risks
     * @param list<DeclinedView> $declined
     */
    public function __construct(
        public int $piece,
        public int $version,
        public array $gone,
        public array $softer,
        public array $stays,
        public array $risks,
        public array $declined,
        /** what was taken of an offer; null where nothing was */
        public ?string $price,
        public ?SignedView $signed,
    ) {
    }
}
