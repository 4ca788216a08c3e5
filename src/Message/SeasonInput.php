<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use Symfony\Component\Validator\Constraints as Assert;

/** Who is told in a month what is due. */
final readonly class SeasonInput
{
    /** @param list<int> $owners */
    public function __construct(
        #[Assert\Regex('/^20\d\d-(0[1-9]|1[0-2])$/', message: 'A month, such as 2026-12.')]
        public string $month,
        #[Assert\Count(min: 1, max: 500, minMessage: 'Nobody is chosen.', maxMessage: 'Five hundred at a time are plenty.')]
        #[Assert\All(new Assert\Type('int', message: 'Owners are named by their numbers.'))]
        public array $owners,
    ) {
    }
}
