<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\Core\Assessment\Aim;

/** One time that a piece was here. */
final readonly class VisitView
{
    /**
     * @param list<string> $done   what was done, each once, in its order
     * @param list<string> $found  what was found on it
     * @param string|null  $before address of a picture
     * @param string|null  $after  address of a picture
     * @param string|null  $mended when the visit was that this one put right
     */
    public function __construct(
        public int $piece,
        public string $tag,
        public string $openedAt,
        public ?string $leftAt,
        public Aim $aim,
        public string $wish,
        public array $done,
        public array $found,
        public ?string $before,
        public ?string $after,
        /** of the owner's own: how it looked when it was new */
        public ?string $ofOwner,
        public ?string $fault,
        public ?string $cause,
        public ?string $mended,
        public bool $calledOff,
        /** the workshop where that was, when it was not here */
        public string $elsewhere,
    ) {
    }
}
