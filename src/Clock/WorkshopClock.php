<?php

declare(strict_types=1);

namespace KindHeel\App\Clock;

use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Clock\MockClock;

/** The real clock; in the demo and in stories, and only there, as many seconds ahead or behind as a file says: a night goes by in a moment. */
final readonly class WorkshopClock implements ClockInterface
{
    public function __construct(private string $file, private bool $demo)
    {
    }

    public function isDemo(): bool
    {
        return $this->demo;
    }

    public function now(): \DateTimeImmutable
    {
        $now = Clock::get()->now();

        return !$this->demo || Clock::get() instanceof MockClock ? $now : $now->modify(\sprintf('%+d seconds', $this->offset()));
    }

    public function forward(int $minutes): void
    {
        $this->keep($this->offset() + 60 * $minutes);
    }

    /** From now on it is this moment, and time goes on from there. */
    public function set(\DateTimeImmutable $moment): void
    {
        $this->keep($moment->getTimestamp() - Clock::get()->now()->getTimestamp());
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

    private function keep(int $seconds): void
    {
        if (!$this->demo) {
            throw new \LogicException('Only the demo’s time can be set.');
        }
        // Whoever reads meanwhile reads the old time or the new one, never an empty file.
        $new = $this->file.'.'.getmypid();
        file_put_contents($new, (string) $seconds);
        rename($new, $this->file);
    }

    private function offset(): int
    {
        return (int) @file_get_contents($this->file);
    }
}
