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

/** Lets hours of the demo go by in a moment: the air is read on, and the others do what the bench calls for while they are here. */
final readonly class TimeLapse
{
    private const AIR_EVERY_MINUTES = 30;
    /** The workers of the demo. */
    private const LOGINS = ['tomas', 'wren'];

    public function __construct(
        private WorkshopClock $clock,
        private DemoHands $hands,
        private RecordAir $record,
        private ThermoHygrometer $instrument,
        private EventDispatcherInterface $events,
        private string $workshopTimezone,
    ) {
    }

    /** @param string|null $but who does not work along: the one who looks */
    public function forward(int $minutes, ?string $but): void
    {
        $from = $this->clock->now()->setTimezone(new \DateTimeZone('UTC'));
        $until = $from->modify(\sprintf('+%d minutes', $minutes));
        $real = Clock::get();
        $mock = new MockClock($from);
        Clock::set($mock);
        try {
            for ($at = $from; $at < $until; $at = $end) {
                $end = min($until, $at->modify(\sprintf('+%d minutes', self::AIR_EVERY_MINUTES)));
                $logins = array_values(array_diff(self::LOGINS, [$but]));
                if ($this->isOpen($at) && [] !== $logins) {
                    $this->hands->stretch($logins, $mock, $at, $end, $end, static function (): void {
                    });
                }
                $mock->modify(max($end, $mock->now())->format('Y-m-d\TH:i:s\Z'));
                foreach ($this->instrument->places() as $place) {
                    $this->record->said($this->instrument->read($end, $place), $place);
                }
            }
            $this->events->dispatch(BenchChanged::inTime());
        } finally {
            Clock::set($real);
        }
        $this->clock->forward($minutes);
    }

    public function isOpen(\DateTimeImmutable $at): bool
    {
        $local = $at->setTimezone(new \DateTimeZone($this->workshopTimezone));

        return '7' !== $local->format('N') && $local->format('H:i') >= '09:00' && $local->format('H:i') < '17:30';
    }
}
