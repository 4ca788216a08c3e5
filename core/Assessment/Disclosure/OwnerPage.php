<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment\Disclosure;

use KindHeel\Core\Assessment\Piece;

/** Everything that the owner is told before anything is touched. */
final readonly class OwnerPage
{
    /**
     * @param list<Expectation> $promises
     * @param list<string>      $risks
     * @param list<Declined>    $declined
     */
    private function __construct(public array $promises, public array $risks, public array $declined)
    {
    }

    /** @param list<Expectation>|null $kept what its plan comes to for each finding; null for what may usually be promised */
    public static function for(Piece $piece, ?array $kept = null): self
    {
        $declined = Referrals::of($piece);
        $whole = array_filter($declined, static fn (Declined $d): bool => $d->wholePiece);

        return [] === $whole
            ? new self($kept ?? Expectation::together(Expectations::of($piece), $piece), Risks::of($piece), $declined)
            // What is handed on whole is neither promised nor risked here.
            : new self([], [], array_values($whole));
    }

    /** @return list<string> */
    public function sentences(Prospect $prospect): array
    {
        return array_values(array_map(
            static fn (Expectation $p): string => $p->sentence,
            array_filter($this->promises, static fn (Expectation $p): bool => $p->prospect === $prospect),
        ));
    }
}
