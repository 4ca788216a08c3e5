<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\App\People\Person;
use Symfony\Component\Validator\Constraints as Assert;

/** A workshop of one’s own, as its first page asks for it. */
final readonly class BeginInput
{
    /**
     * @param list<int>        $days   on which it is open, 1 for Monday to 7
     * @param list<ShiftInput> $shifts of each of them
     */
    public function __construct(
        /** that stood where it was started: nobody else begins it */
        #[Assert\Length(max: 80)]
        public string $word,
        #[Assert\Length(max: 80, maxMessage: Person::NAME_SAID)]
        public string $workshop,
        #[Assert\Length(max: 200, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $address,
        #[Assert\Length(max: 120, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $reach,
        #[Assert\NotBlank(message: 'Three capital letters, such as EUR.')]
        #[Assert\Regex('/^[A-Z]{3}$/D', message: 'Three capital letters, such as EUR.')]
        public string $currency,
        #[Assert\Count(min: 1, max: 7, minMessage: 'On which days is there work?', maxMessage: 'A week has seven days.')]
        #[Assert\All([new Assert\Range(min: 1, max: 7, notInRangeMessage: 'A week has seven days.')])]
        #[Assert\Unique(message: 'A day twice.')]
        public array $days,
        #[Assert\Count(min: 1, max: 4, minMessage: 'From when until when?', maxMessage: 'Four shifts a day at most.')]
        public array $shifts,
        #[Assert\NotBlank(message: Person::NAME_SAID)]
        #[Assert\Regex(Person::NAME, message: Person::NAME_SAID)]
        public string $name,
        #[Assert\NotBlank(message: Person::LOGIN_SAID)]
        #[Assert\Regex(Person::LOGIN, message: Person::LOGIN_SAID)]
        public string $login,
        #[Assert\Length(max: 200)]
        public string $password,
        /** for one’s own things; the workshop needs no name then */
        public bool $home = false,
    ) {
    }
}
