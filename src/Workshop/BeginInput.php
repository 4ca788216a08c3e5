<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use Symfony\Component\Validator\Constraints as Assert;

/** A workshop of one’s own, as its first page asks for it. */
final readonly class BeginInput
{
    private const NAME = 'A name has 1 to 80 letters.';
    private const LOGIN = 'Write 2 to 40 letters, digits, dots or dashes, without a space.';

    /**
     * @param list<int>        $days   on which it is open, 1 for Monday to 7
     * @param list<ShiftInput> $shifts of each of them
     */
    public function __construct(
        /** that stood where it was started: nobody else begins it */
        #[Assert\Length(max: 80)]
        public string $word,
        #[Assert\NotBlank(message: self::NAME)]
        #[Assert\Length(max: 80, maxMessage: self::NAME)]
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
        #[Assert\NotBlank(message: self::NAME)]
        #[Assert\Regex('/^(?=.*\S)[^\p{C}]{1,80}$/Du', message: self::NAME)]
        public string $name,
        #[Assert\NotBlank(message: self::LOGIN)]
        #[Assert\Regex('/^[\p{L}\p{N}._-]{2,40}$/Du', message: self::LOGIN)]
        public string $login,
        #[Assert\Length(max: 200)]
        public string $password,
    ) {
    }
}
