<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Learning;

/** What the answers to a gate test say of how this coat dries against the book. */
final class GateEvidence
{
    /** Whoever comes to test much later than expected has seen nothing of when it was ready. */
    private const SOON = 1.25;

    /**
     * @param float      $book     minutes to the stage as the book has it, in the air there was
     * @param float      $expected minutes to the stage as they were expected here
     * @param float      $passed   minutes after which it passed
     * @param float|null $notYet   minutes after which it last did not
     *
     * @return float|null real over book; null when nothing can be told
     */
    public static function ratio(float $book, float $expected, float $passed, ?float $notYet): ?float
    {
        if ($book <= 0.0 || $passed <= 0.0) {
            return null;
        }

        return match (true) {
            // It came ready somewhere between the two.
            null !== $notYet && $notYet > 0.0 => sqrt($notYet * $passed) / $book,
            $passed < $expected => $passed / $book,
            $passed <= self::SOON * $expected => $expected / $book,
            default => null,
        };
    }
}
