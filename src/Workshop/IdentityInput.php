<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\App\Settings\HourClock;
use KindHeel\App\Settings\IdentityView;
use Symfony\Component\Validator\Constraints as Assert;

/** What stands at the head of every paper, how hours are said, and when what is not fetched is asked after. */
final readonly class IdentityInput
{
    public function __construct(
        #[Assert\Length(max: 80, maxMessage: 'A name of {{ limit }} letters is enough.')]
        public string $name,
        #[Assert\Length(max: 200, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $address,
        #[Assert\Length(max: 120, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $reach,
        public HourClock $clock,
        #[Assert\Range(min: 1, max: 365, notInRangeMessage: 'Between one day and a year.')]
        public int $uncollectedDays,
        /** of the settings as they were seen */
        public string $version,
        public bool $home = false,
    ) {
    }

    public function identity(): IdentityView
    {
        return new IdentityView(trim($this->name), trim($this->address), trim($this->reach), $this->clock, $this->uncollectedDays, $this->home);
    }
}
