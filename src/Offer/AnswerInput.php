<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Symfony\Component\Validator\Constraints as Assert;

/** What an owner says to something more: yes or no, by whom, and how it was said. */
final readonly class AnswerInput
{
    /** @param list<list<list<int>>> $strokes of a signature, where there is one */
    public function __construct(
        public bool $agreed,
        #[Assert\NotBlank(message: 'Who has said so?', normalizer: 'trim')]
        #[Assert\Length(max: 120, maxMessage: 'A name of {{ limit }} letters is enough.')]
        public string $by,
        #[Assert\Length(max: 40, maxMessage: 'Say it in {{ limit }} letters.')]
        public string $how = '',
        #[Assert\Count(max: 60, maxMessage: 'That is more than a signature.')]
        public array $strokes = [],
    ) {
    }
}
