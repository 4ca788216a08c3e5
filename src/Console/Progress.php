<?php

declare(strict_types=1);

namespace KindHeel\App\Console;

use Symfony\Component\Console\Helper\ProgressBar;
use Symfony\Component\Console\Style\SymfonyStyle;

/** A bar for each thing that takes long, one after the other. */
final class Progress
{
    private ?ProgressBar $bar = null;
    private string $what = '';

    public function __construct(private readonly SymfonyStyle $io)
    {
    }

    public function tell(string $what, int $done, int $of): void
    {
        if ($what !== $this->what) {
            $this->end();
            $this->what = $what;
            $this->bar = $this->io->createProgressBar($of);
            $this->bar->setFormat(' '.$what.': %current% of %max% [%bar%] %percent:3s%% %elapsed:6s%');
            $this->bar->start();
        }
        $this->bar?->setMaxSteps($of);
        $this->bar?->setProgress($done);
    }

    public function end(): void
    {
        if (null !== $this->bar) {
            $this->bar->finish();
            $this->io->newLine();
        }
        $this->bar = null;
        $this->what = '';
    }
}
