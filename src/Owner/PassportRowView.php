<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\Core\Anatomy\Kind;

/** A piece of an owner's, over all its visits. */
final readonly class PassportRowView
{
    public function __construct(
        public int $id,
        public string $name,
        public Kind $kind,
        public string $hex,
        public int $visits,
        public string $lastAt,
        public bool $here,
        /** the next care, in words; null where none is due */
        public ?string $care,
        public ?string $careAt,
    ) {
    }
}
