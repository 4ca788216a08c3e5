<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

/** A month in which owners are told what their pieces need. */
final readonly class Season
{
    /** @param \DateTimeImmutable $end the first moment after it, in the workshop's zone */
    private function __construct(public \DateTimeImmutable $end, private \DateTimeImmutable $today)
    {
    }

    /** @param \DateTimeImmutable $in any moment of the month */
    public static function of(\DateTimeImmutable $in, \DateTimeImmutable $today): self
    {
        return new self($in->modify('first day of next month')->setTime(0, 0), $today);
    }

    /**
     * What an owner is told of: due by the end of the month, or missed before.
     *
     * @param list<CareDue> $due
     *
     * @return list<CareDue>
     */
    public function toTell(array $due): array
    {
        return array_values(array_filter(
            $due,
            fn (CareDue $d): bool => $d->at < $this->end && $d->isWorthAWord(),
        ));
    }

    /** They have been told of it since it was done last; of what nobody has done for a whole round they may be told once more. */
    public function isTold(CareDue $due, ?\DateTimeImmutable $told): bool
    {
        return null !== $told && $told >= max($due->at, $this->today)->modify(\sprintf('-%d days', $due->everyDays));
    }
}
