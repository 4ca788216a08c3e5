<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\App\Job\ReachedBy;

/** Somebody whose pieces come here. */
final readonly class OwnerDetailsView
{
    /**
     * @param list<ReachView>       $ways
     * @param list<PassportRowView> $pieces the last that was here first
     * @param list<OwnerRowView>    $alike  who may be the same person
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public array $ways,
        public ?ReachedBy $likes,
        public string $language,
        public string $notes,
        public bool $mayKeepPictures,
        public bool $mayRemind,
        public string $since,
        public bool $erased,
        public array $pieces,
        public array $alike,
    ) {
    }
}
