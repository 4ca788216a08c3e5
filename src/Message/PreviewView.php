<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

/** A message as it would go. */
final readonly class PreviewView
{
    public function __construct(public string $subject, public string $body)
    {
    }
}
