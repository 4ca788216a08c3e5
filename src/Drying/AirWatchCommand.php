<?php

declare(strict_types=1);

namespace KindHeel\App\Drying;

use KindHeel\App\Air\ThermoHygrometer;
use KindHeel\Core\Drying\DryingPlace;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;

#[AsCommand('air:watch', 'Reads the thermo-hygrometers every minute and keeps what has changed.')]
final readonly class AirWatchCommand
{
    public function __construct(private ThermoHygrometer $instrument, private RecordAir $record, private ClockInterface $clock, private LoggerInterface $logger)
    {
    }

    public function __invoke(#[Option('Read once and stop.')] bool $once = false): int
    {
        do {
            try {
                foreach (DryingPlace::cases() as $place) {
                    $this->record->said($this->instrument->read($this->clock->now(), $place), $place);
                }
            } catch (\Throwable $error) {
                // The database may be away for a while; the next minute tries again.
                $this->logger->warning('The air could not be read or kept: {why}', ['why' => $error->getMessage()]);
                if ($once) {
                    return Command::FAILURE;
                }
            }
        } while (!$once && 0 === sleep(60));

        return Command::SUCCESS;
    }
}
