<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** What a timetable is placed from: the order of blocks, who is asked, and what is held back so that something else goes first. */
final readonly class Draft
{
    /**
     * @param list<int>       $order blocks
     * @param array<int, int> $asked person by step
     * @param array<int, int> $held  earliest start by step
     */
    public function __construct(public array $order, public array $asked = [], public array $held = [])
    {
    }

    /** @param list<int> $order */
    public function inOrder(array $order): self
    {
        return new self($order, $this->asked, $this->held);
    }

    public function asking(int $step, ?int $hand): self
    {
        $asked = $this->asked;
        if (null === $hand) {
            unset($asked[$step]);
        } else {
            $asked[$step] = $hand;
        }

        return new self($this->order, $asked, $this->held);
    }

    public function holding(int $step, ?int $until): self
    {
        $held = $this->held;
        if (null === $until) {
            unset($held[$step]);
        } else {
            $held[$step] = $until;
        }

        return new self($this->order, $this->asked, $held);
    }
}
