<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use KindHeel\App\Job\ReachedBy;

final readonly class MessageView
{
    public function __construct(
        public int $id,
        public int $version,
        public int $owner,
        public string $ownerName,
        public Occasion $occasion,
        public ReachedBy $by,
        public string $to,
        public string $subject,
        public string $body,
        public MessageState $state,
        public string $writtenAt,
        public string $writtenBy,
        /** not sent before, so that nobody is woken */
        public string $notBefore,
        public int $tries,
        public string $failure,
        public ?string $endedAt,
    ) {
    }
}
