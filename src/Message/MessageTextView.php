<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

final readonly class MessageTextView
{
    /** @param list<string> $fields what can be filled in */
    public function __construct(public Occasion $occasion, public string $subject, public string $text, public array $fields)
    {
    }
}
