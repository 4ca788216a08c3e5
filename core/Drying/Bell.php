<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

/** What wants a look while a coat is let be: every so many minutes, a few times or until it is ready for what comes next. */
final readonly class Bell
{
    public function __construct(public int $everyMinutes, public string $words, private int $times = \PHP_INT_MAX, public Stage $until = Stage::Next)
    {
    }

    /**
     * @param \DateTimeImmutable|null $until when the wait is over; null where the air does not let it end
     *
     * @return list<\DateTimeImmutable> the moments at which it rings, one day ahead at the most
     */
    public function rings(\DateTimeImmutable $laid, ?\DateTimeImmutable $until): array
    {
        $rings = [];
        $last = $until ?? $laid->modify('+1 day');
        for ($n = 1; $n <= $this->times; ++$n) {
            $at = $laid->modify('+'.$n * $this->everyMinutes.' minutes');
            if ($at >= $last) {
                break;
            }
            $rings[] = $at;
        }

        return $rings;
    }
}
