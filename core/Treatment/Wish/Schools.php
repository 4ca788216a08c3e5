<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Wish;

use KindHeel\Core\Text\Message;

/** The sides that a workshop or a plan has taken; where none is taken the usual one holds, case by case. */
final readonly class Schools
{
    /** @param array<string, string> $sides by school */
    private function __construct(public array $sides)
    {
    }

    public static function usual(): self
    {
        return new self([]);
    }

    /**
     * @param array<string, string> $sides side by school
     *
     * @throws \DomainException when a school or a side is not known
     */
    public static function of(array $sides): self
    {
        $schools = self::usual();
        foreach ($sides as $school => $side) {
            $schools = $schools->with(School::tryFrom($school) ?? throw new \DomainException(Message::of('There is no school “%s”.', $school)), $side);
        }

        return $schools;
    }

    /** @throws \DomainException when the school has no such side */
    public function with(School $school, string $side): self
    {
        return $school->isSide($side)
            ? new self([...$this->sides, $school->value => $side])
            : throw new \DomainException(Message::of('“%s” is no side of “%s”.', $side, $school->label()));
    }

    /** The side taken, or the given one, usual in this case. */
    public function side(School $school, string $usual): string
    {
        return $this->sides[$school->value] ?? $usual;
    }

    /** The side was chosen: by the workshop, or for this plan. */
    public function chose(School $school): bool
    {
        return isset($this->sides[$school->value]);
    }
}
