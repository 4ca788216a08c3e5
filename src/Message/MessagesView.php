<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

/** What owners are told, the newest first. */
final readonly class MessagesView
{
    /** @param list<MessageView> $messages */
    public function __construct(
        public array $messages,
        public int $page,
        public bool $more,
        /** no e-mail leaves the house: everything that would is shown here */
        public bool $simulated,
        public int $letters,
        public int $calls,
        public int $failed,
    ) {
    }
}
