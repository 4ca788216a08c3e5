<?php

declare(strict_types=1);

namespace KindHeel\Tests\Support;

use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\ClockInterface;

/** The real clock, put forward by as many seconds as a file says: a browser story lives through a night in a moment. */
final readonly class MovableClock implements ClockInterface
{
    public function __construct(private string $file)
    {
    }

    public function now(): \DateTimeImmutable
    {
        return Clock::get()->now()->modify(\sprintf('+%d seconds', $this->offset()));
    }

    public function forward(int $minutes): void
    {
        file_put_contents($this->file, (string) ($this->offset() + 60 * $minutes), \LOCK_EX);
    }

    public function reset(): void
    {
        @unlink($this->file);
    }

    public function sleep(float|int $seconds): void
    {
        Clock::get()->sleep($seconds);
    }

    public function withTimeZone(\DateTimeZone|string $timezone): static
    {
        return $this;
    }

    private function offset(): int
    {
        return (int) @file_get_contents($this->file);
    }
}
