<?php

declare(strict_types=1);

namespace KindHeel\App\Console;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

/** A checked-in file that a command writes: written anew, or only looked at whether it is stale. */
final readonly class GeneratedFile
{
    public function __construct(private string $path, private string $text)
    {
    }

    /** Exit code of the command. */
    public function write(SymfonyStyle $io, bool $check, string $command): int
    {
        if ($check) {
            $fresh = is_file($this->path) && file_get_contents($this->path) === $this->text;
            $io->writeln($fresh ? basename($this->path).' is as the PHP side has it.' : basename($this->path).' is stale: run bin/console '.$command.'.');

            return $fresh ? Command::SUCCESS : Command::FAILURE;
        }
        file_put_contents($this->path, $this->text);
        $io->writeln('Written.');

        return Command::SUCCESS;
    }
}
