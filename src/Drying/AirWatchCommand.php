<?php

declare(strict_types=1);

namespace KindHeel\App\Drying;

use KindHeel\App\Air\ThermoHygrometer;
use KindHeel\App\Running\WorkLoop;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;

#[AsCommand('air:watch', 'Reads the thermo-hygrometers every minute and keeps what has changed.')]
final readonly class AirWatchCommand
{
    private const PAUSE_S = 60;

    public function __construct(private ThermoHygrometer $instrument, private RecordAir $record, private WorkLoop $loop)
    {
    }

    public function __invoke(#[Option('Read once and stop.')] bool $once = false): int
    {
        $this->loop->run('air-watch', fn () => $this->record->read($this->instrument), self::PAUSE_S, $once);

        return Command::SUCCESS;
    }
}
