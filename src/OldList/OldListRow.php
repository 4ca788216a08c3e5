<?php

declare(strict_types=1);

namespace KindHeel\App\OldList;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Colour\Shade;

/** A row that can be taken in. */
final readonly class OldListRow
{
    /**
     * @param list<array{by: string, at: string}> $ways
     * @param string                              $says what was taken otherwise than it stands there
     */
    public function __construct(
        public int $line,
        public string $owner,
        public array $ways,
        public string $notes,
        public ?string $piece,
        public ?Kind $kind,
        public ?Size $size,
        public Shade $shade,
        public ?\DateTimeImmutable $cameIn,
        public ?\DateTimeImmutable $wentHome,
        public string $done,
        public string $says,
    ) {
    }

    /** The same visit, wherever it stands. */
    public function visit(): string
    {
        return self::visitOf($this->owner, $this->piece ?? '', $this->kind->value ?? '', $this->cameIn?->format('Y-m-d') ?? '');
    }

    public static function visitOf(string $owner, string $piece, string $kind, string $day): string
    {
        return mb_strtolower($owner."\0".$piece."\0".$kind."\0".$day);
    }
}
