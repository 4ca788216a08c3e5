<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Symfony\Component\Validator\Constraints as Assert;

/** Pieces go home. */
final readonly class CollectInput
{
    /**
     * @param list<int>             $pieces  ids of those that go
     * @param list<TrayInput>       $tray    parts that lay apart, and go with them
     * @param list<list<list<int>>> $strokes the signature of who takes them, in a field of 600 × 200; empty where nobody signed
     */
    public function __construct(
        #[Assert\Count(min: 1, max: 60, minMessage: 'Tick what goes home.', maxMessage: 'That is more than one person carries.')]
        #[Assert\All([new Assert\Range(min: 1, max: 999_999_999)])]
        public array $pieces,
        /** who takes them */
        #[Assert\NotBlank(message: 'Who takes it?', normalizer: 'trim')]
        #[Assert\Length(max: 120, maxMessage: 'A shorter name will do.')]
        public string $by,
        public Paid $paid,
        #[Assert\Range(min: 0, max: 100_000_000, notInRangeMessage: 'That is no sum that anybody pays here.')]
        public ?int $amountCents = null,
        /** such as “cash” */
        #[Assert\Length(max: 40, maxMessage: 'A word or two will do.')]
        public string $how = '',
        #[Assert\Length(max: 400, maxMessage: 'A shorter note will do.')]
        public string $note = '',
        /** why something goes that is not done or not cured, or without all that came off */
        #[Assert\Length(max: 200, maxMessage: 'A shorter reason will do.')]
        public ?string $why = null,
        #[Assert\Count(max: 400, maxMessage: 'That is more than comes off any piece.')]
        #[Assert\Valid]
        public array $tray = [],
        #[Assert\Count(max: 60, maxMessage: 'That is more than a signature.')]
        public array $strokes = [],
    ) {
    }
}
