<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use KindHeel\App\Console\Progress;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('archive:check', 'Holds an archive against its digests and its JSON Schema, line by line. Nothing is taken in.')]
final readonly class ArchiveCheckCommand
{
    public function __construct(private CheckArchive $check)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Argument('The archive.')] string $file): int
    {
        $progress = new Progress($io);
        try {
            ['manifest' => $manifest, 'files' => $files] = ($this->check)($file, $progress->tell(...));
        } catch (BadArchive $error) {
            $progress->end();
            $io->error($error->getMessage());

            return Command::FAILURE;
        }
        $progress->end();
        $io->writeln(\sprintf(
            'Whole: %s of %s, version %d, of %s. %d lines, %d files.',
            'piece' === $manifest->of ? 'one piece' : 'everything',
            '' === $manifest->workshop ? 'a workshop without a name' : $manifest->workshop,
            $manifest->version,
            $manifest->madeAt,
            $manifest->count(),
            $files,
        ));

        return Command::SUCCESS;
    }
}
