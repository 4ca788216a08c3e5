<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** What a timetable is placed from: the order of blocks, who is asked, and what is held back so that something else goes first. */
final class Candidate
{
    /** @var list<Checkpoint> how far things stood, every few blocks, once it has been placed */
    public array $checkpoints = [];

    /**
     * @param list<int>       $order   blocks
     * @param array<int, int> $asked   person by step
     * @param array<int, int> $held    earliest start by step
     * @param self|null       $changes the candidate that this one is as, before the place `$from` in the order
     */
    public function __construct(
        public readonly array $order,
        public readonly array $asked = [],
        public readonly array $held = [],
        public ?self $changes = null,
        public readonly int $from = 0,
    ) {
    }

    /** @param list<int> $order the same up to `$from` */
    public function inOrder(array $order, int $from): self
    {
        return new self($order, $this->asked, $this->held, $this, $from);
    }

    /** @param int|null $worker null asks nobody in particular */
    public function asking(int $step, ?int $worker, int $block): self
    {
        return new self($this->order, self::with($this->asked, $step, $worker), $this->held, $this, (int) array_search($block, $this->order, true));
    }

    /** @param int|null $until null holds it back no more */
    public function holding(int $step, ?int $until, int $block): self
    {
        return new self($this->order, $this->asked, self::with($this->held, $step, $until), $this, (int) array_search($block, $this->order, true));
    }

    /**
     * @param array<int, int> $values
     *
     * @return array<int, int>
     */
    private static function with(array $values, int $step, ?int $value): array
    {
        unset($values[$step]);

        return null === $value ? $values : $values + [$step => $value];
    }
}
