<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

/**
 * What binds a step to an earlier one: the stage its coat must have reached, and when it would be too late.
 *
 * Without a stage the earlier step must only be done. Too late is a number of minutes after its end, or the stage
 * that must not yet be reached.
 */
final readonly class After
{
    public function __construct(
        public string $step,
        public ?Stage $from = null,
        public ?float $withinMinutes = null,
        public ?Stage $before = null,
    ) {
    }

    public function covers(Stage $stage): bool
    {
        return null !== $this->from && $this->from->covers($stage);
    }

    /** Of two bonds to the same step the stricter of each end. */
    public function and(self $other): self
    {
        $from = match (true) {
            null === $this->from => $other->from,
            null === $other->from, $this->covers($other->from) => $this->from,
            default => $other->from,
        };
        $within = null === $this->withinMinutes || null === $other->withinMinutes
            ? $this->withinMinutes ?? $other->withinMinutes
            : min($this->withinMinutes, $other->withinMinutes);

        return new self($this->step, $from, $within, $this->before ?? $other->before);
    }
}
