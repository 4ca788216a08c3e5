<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('backup:make', 'Makes a backup of the database and the pictures while work goes on.')]
final readonly class BackupMakeCommand
{
    public function __construct(private Backups $backups)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Option('Only when the last good one is half a day old.')]
        bool $due = false,
    ): int {
        if ($due && $this->backups->hasGoodOneOf(NightlyBackup::AGAIN_HOURS)) {
            $io->writeln('There is one of the last hours.');

            return Command::SUCCESS;
        }
        $began = microtime(true);
        try {
            $path = $this->backups->make();
        } catch (\RuntimeException $error) {
            $io->error($error->getMessage());

            return Command::FAILURE;
        }
        $io->writeln(\sprintf('%s, %.1f MB, in %.0f s', $path, filesize($path) / 1_000_000, microtime(true) - $began));

        return Command::SUCCESS;
    }
}
