<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('backup:list', 'Lists the backups there are, the newest first.')]
final readonly class BackupListCommand
{
    public function __construct(private Backups $backups)
    {
    }

    public function __invoke(SymfonyStyle $io): int
    {
        foreach ($this->backups->all() as $path => $at) {
            $io->writeln(\sprintf('%s  %9.1f MB  %s', $at->format('Y-m-d H:i'), filesize($path) / 1_000_000, $path));
        }
        if ([] === $this->backups->all()) {
            $io->writeln('There is none yet. backup:make makes one.');
        }

        return Command::SUCCESS;
    }
}
