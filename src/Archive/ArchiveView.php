<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

/** The archive of everything that was asked for last; none yet is number 0. */
final readonly class ArchiveView
{
    /**
     * @param string   $what  lines or pictures; nothing before it is begun
     * @param int|null $bytes of the file; null where there is none, or no longer
     */
    public function __construct(
        public int $id = 0,
        public ?string $askedAt = null,
        public string $by = '',
        public bool $isOnItsWay = false,
        public string $what = '',
        public int $done = 0,
        public int $total = 0,
        public ?string $failure = null,
        public ?int $bytes = null,
    ) {
    }
}
