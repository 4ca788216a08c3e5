<?php

declare(strict_types=1);

namespace KindHeel\App\Ledger;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use Symfony\Component\Validator\Constraints as Assert;

/** A word that somebody wants to keep: on a piece, one of its parts, or a step. */
final readonly class NoteInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'Write a word first.', normalizer: 'trim')]
        #[Assert\Length(max: 500, maxMessage: 'Keep a note under {{ limit }} letters.')]
        public string $text,
        public ?int $step = null,
        public ?PartName $part = null,
        public ?Half $half = null,
    ) {
    }
}
