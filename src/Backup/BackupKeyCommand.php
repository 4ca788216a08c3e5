<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('backup:key', 'Makes the key with which backups are closed, or shows the one there is.')]
final readonly class BackupKeyCommand
{
    public function __construct(private BackupKey $key)
    {
    }

    public function __invoke(SymfonyStyle $io): int
    {
        if (!$this->key->exists()) {
            $this->key->make();
        }
        $io->writeln(sodium_bin2base64($this->key->bytes(), \SODIUM_BASE64_VARIANT_ORIGINAL));
        $io->note(\sprintf(
            'It lies in %s. Keep a copy of it elsewhere, on paper or with your passwords: without it no backup opens, and nobody can make it anew.',
            $this->key->file(),
        ));

        return Command::SUCCESS;
    }
}
