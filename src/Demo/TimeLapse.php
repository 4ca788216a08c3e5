<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use KindHeel\App\Air\ThermoHygrometer;
use KindHeel\App\Clock\WorkshopClock;
use KindHeel\App\Drying\RecordAir;
use KindHeel\App\Job\BenchChanged;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;

/** Lets hours of the demo go by in a moment: the air is read on, the others do what the bench calls for while they are here, and people come to the counter. */
final readonly class TimeLapse
{
    private const AIR_EVERY_MINUTES = 30;
    /** While nobody is there. */
    private const AIR_AT_NIGHT_MINUTES = 120;
    /** The workers of the demo. */
    private const LOGINS = ['tomas', 'wren'];

    public function __construct(
        private WorkshopClock $clock,
        private DemoHands $hands,
        private DemoVisitors $visitors,
        private RecordAir $record,
        private ThermoHygrometer $instrument,
        private EventDispatcherInterface $events,
        private string $workshopTimezone,
    ) {
    }

    /**
     * @param string|null $but    who does not work along: the one who looks
     * @param bool        $busily people come and bring, and fetch what is done
     */
    public function forward(int $minutes, ?string $but, bool $busily = false): void
    {
        $from = $this->clock->now()->setTimezone(new \DateTimeZone('UTC'));
        $until = $from->modify(\sprintf('+%d minutes', $minutes));
        $real = Clock::get();
        $mock = new MockClock($from);
        Clock::set($mock);
        try {
            for ($at = $from; $at < $until; $at = $end) {
                $pause = $this->isOpen($at) || $this->opensWithin($at) ? self::AIR_EVERY_MINUTES : self::AIR_AT_NIGHT_MINUTES;
                $end = min($until, $at->modify(\sprintf('+%d minutes', $pause)));
                $logins = array_values(array_diff(self::LOGINS, [$but]));
                if ($busily && $this->isOpen($at)) {
                    $this->visitors->come();
                }
                if ($this->isOpen($at) && [] !== $logins) {
                    $this->hands->stretch($logins, $mock, $at, $end, $end, static function (): void {
                    });
                }
                $mock->modify(max($end, $mock->now())->format('Y-m-d\TH:i:s\Z'));
                $this->record->read($this->instrument);
            }
            $this->events->dispatch(BenchChanged::inTime());
        } finally {
            Clock::set($real);
        }
        $this->clock->forward($minutes);
    }

    /** The next long pause would sleep through the morning. */
    private function opensWithin(\DateTimeImmutable $at): bool
    {
        return $this->isOpen($at->modify(\sprintf('+%d minutes', self::AIR_AT_NIGHT_MINUTES)));
    }

    public function isOpen(\DateTimeImmutable $at): bool
    {
        $local = $at->setTimezone(new \DateTimeZone($this->workshopTimezone));

        return '7' !== $local->format('N') && $local->format('H:i') >= '09:00' && $local->format('H:i') < '17:30';
    }
}
