<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use KindHeel\App\Running\WorkLoop;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;

#[AsCommand('post:send', 'Sends e-mails to owners as they come due, by day.')]
final readonly class PostCommand
{
    private const PAUSE_S = 20;

    public function __construct(private Post $post, private WorkLoop $loop)
    {
    }

    public function __invoke(#[Option('One round and stop.')] bool $once = false): int
    {
        $this->loop->run('post', $this->post->round(...), self::PAUSE_S, $once);

        return Command::SUCCESS;
    }
}
