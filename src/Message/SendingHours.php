<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use KindHeel\Core\Care\Daytime;
use Psr\Clock\ClockInterface;

/** When owners are written to, by the workshop's own clock. */
final readonly class SendingHours
{
    public function __construct(private ClockInterface $clock, private string $workshopTimezone)
    {
    }

    public function isNow(): bool
    {
        return Daytime::is($this->local());
    }

    /** Now, or in the morning. */
    public function next(): \DateTimeImmutable
    {
        return Daytime::next($this->local())->setTimezone(new \DateTimeZone('UTC'));
    }

    private function local(): \DateTimeImmutable
    {
        return $this->clock->now()->setTimezone(new \DateTimeZone($this->workshopTimezone));
    }
}
