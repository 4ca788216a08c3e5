<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

/** Who is due in a month, each owner once; and what is kept here for its owners. */
final readonly class SeasonView
{
    /**
     * @param list<SeasonOwnerView> $owners by name
     * @param list<KeptHereView>    $kept
     */
    public function __construct(
        public string $month,
        public array $owners,
        public int $page,
        public bool $more,
        /** owners with pieces who have not said that they want to be reminded */
        public int $notAsked,
        public MessageTextView $text,
        public array $kept,
    ) {
    }
}
