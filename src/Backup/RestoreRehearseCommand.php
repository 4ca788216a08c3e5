<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use KindHeel\App\Running\ConsoleProcess;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('restore:rehearse', 'Brings a backup back beside the workshop and holds every row and file against what was written down when it was made.')]
final readonly class RestoreRehearseCommand
{
    public function __construct(private Backups $backups, private Rehearsal $rehearsal, private string $databaseUrl, private string $projectDir)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('The file; without it the newest.')]
        ?string $file = null,
        #[Option('The newest from before this moment, such as 2026-11-30T18:00.')]
        ?string $at = null,
        #[Option('Of the database, by somebody who may make another beside it; without it the application’s own.')]
        ?string $url = null,
        #[Option('Then try the tables of this version on the copy.')]
        bool $migrate = false,
    ): int {
        $began = microtime(true);
        try {
            $path = $file ?? $this->backups->of(new \DateTimeImmutable($at ?? 'now'));
            $found = $this->rehearsal->of($path, $url ?? $this->databaseUrl, $migrate ? $this->migrate(...) : null);
        } catch (\Exception $error) {
            $io->error($error->getMessage());

            return Command::FAILURE;
        }
        $this->backups->rehearsed($path);
        $io->writeln(\sprintf(
            '%s came back whole: %d rows in %d tables, %d pictures and sheets, as they were on %s; in %.0f s.'
                .($migrate ? ' The tables of this version take it.' : ''),
            $path,
            $found['rows'],
            $found['tables'],
            $found['files'],
            $found['at'],
            microtime(true) - $began,
        ));

        return Command::SUCCESS;
    }

    private function migrate(string $url): void
    {
        $words = ['doctrine:migrations:migrate', '--no-interaction', '--allow-no-migration'];
        $migrate = ConsoleProcess::of($this->projectDir, $words, ['DATABASE_URL' => $url]);
        $migrate->run();
        if (!$migrate->isSuccessful()) {
            throw new \RuntimeException('The tables of this version do not take it: '.trim($migrate->getErrorOutput().$migrate->getOutput()));
        }
    }
}
