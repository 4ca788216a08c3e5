<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('demo:load', 'Fills an empty database with the Lantern Players and two weeks of work.')]
final readonly class DemoCommand
{
    public function __construct(private DemoLoader $loader, private Connection $connection)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Option('Empty the database first.')] bool $fresh = false): int
    {
        if ($fresh) {
            foreach (['ledger_entry', 'plan_step', 'finding', 'piece_part', 'piece', 'ticket', 'air_reading', 'remembered_answer', 'sign_in_failure', 'sessions', 'person'] as $table) {
                $this->connection->executeStatement('DELETE FROM '.$table);
            }
            // Tags begin at 1-1 again.
            foreach (['piece', 'ticket'] as $table) {
                $this->connection->executeStatement('ALTER TABLE '.$table.' AUTO_INCREMENT = 1');
            }
        } elseif (null !== Row::first($this->connection, 'SELECT id FROM person LIMIT 1')) {
            $io->writeln('There is somebody in the database already; it stays as it is.');

            return Command::SUCCESS;
        }
        $this->loader->load();
        $io->writeln('The Lantern Players have moved in.');

        return Command::SUCCESS;
    }
}
