<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use Symfony\Component\Validator\Constraints as Assert;

/** What is written on an occasion, from now on. */
final readonly class MessageTextInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'What is it about?', normalizer: 'trim'), Assert\Length(max: 120, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $subject,
        #[Assert\NotBlank(message: 'Write a word first.', normalizer: 'trim'), Assert\Length(max: 3000, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $text,
    ) {
    }
}
