<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('restore:take', 'Brings a backup back in place of what is there.')]
final readonly class RestoreTakeCommand
{
    public function __construct(private Backups $backups, private Restore $restore, private string $databaseUrl)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('The file; without it the newest.')]
        ?string $file = null,
        #[Option('The newest from before this moment, such as 2026-11-30T18:00.')]
        ?string $at = null,
        #[Option('Of the database, by somebody who may lay out its tables; without it the application’s own.')]
        ?string $url = null,
        #[Option('Do not ask.')]
        bool $yes = false,
        #[Option('Though what is there now cannot be backed up first.')]
        bool $anyway = false,
    ): int {
        try {
            $path = $file ?? $this->backups->of(new \DateTimeImmutable($at ?? 'now'));
            if (!$yes && !$io->confirm(\sprintf('Everything that is in the workshop now goes, and %s comes in its place?', $path), false)) {
                return Command::FAILURE;
            }
            $this->restore->take($path, $url ?? $this->databaseUrl, $anyway);
        } catch (\Exception $error) {
            $io->error($error->getMessage());

            return Command::FAILURE;
        }
        $io->writeln(\sprintf('%s is in place. Everybody signs in anew.', $path));

        return Command::SUCCESS;
    }
}
