<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

use KindHeel\Core\Anatomy\Kind;

final readonly class FoundJobView
{
    /**
     * @param list<string>        $found what was wrong
     * @param list<FoundLineView> $lines of its ledger, in which a word was found
     */
    public function __construct(
        public int $piece,
        public int $passport,
        public string $tag,
        public string $name,
        public Kind $kind,
        public string $hex,
        public string $customer,
        public string $openedAt,
        public ?string $finishedAt,
        public ?string $fault,
        public array $found,
        public array $lines,
    ) {
    }
}
