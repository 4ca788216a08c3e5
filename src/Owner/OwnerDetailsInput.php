<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\App\Job\Owner;
use KindHeel\App\Job\ReachedBy;
use Symfony\Component\Validator\Constraints as Assert;

/** Who somebody is and what they allow. */
final readonly class OwnerDetailsInput
{
    /** @param list<ReachInput> $ways */
    public function __construct(
        public int $version,
        #[Assert\NotBlank(message: 'Whose is it?', normalizer: 'trim'), Assert\Length(max: 120, maxMessage: 'A name of 120 letters is enough.')]
        public string $name,
        #[Assert\Count(max: Owner::MOST_WAYS, maxMessage: 'Six ways to reach somebody are plenty.'), Assert\Valid]
        public array $ways = [],
        public ?ReachedBy $likes = null,
        #[Assert\Length(max: 10, maxMessage: 'A short name of the language, such as “en”.')]
        public string $language = '',
        #[Assert\Length(max: Owner::LONGEST_NOTES, maxMessage: 'Keep this under 1 000 letters.')]
        public string $notes = '',
        public bool $mayKeepPictures = true,
        public bool $mayRemind = false,
    ) {
    }
}
