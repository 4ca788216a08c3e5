<?php

declare(strict_types=1);

namespace KindHeel\App\Hosting;

use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('workshops', 'Several workshops on this machine, a database each: makes one, moves it to another server, counts them, brings all up to date.')]
final readonly class WorkshopsCommand
{
    public function __construct(private Workshops $workshops)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('count, make, move, close, open or upgrade')]
        string $do = 'count',
        #[Argument('The name by which browsers reach it, such as mara.example')]
        string $name = '',
        #[Option('Where it works, such as Europe/Vienna')]
        string $timezone = 'UTC',
        #[Option('For move: the database server it goes to, by an account that may lay out databases')]
        string $to = '',
        #[Option('For close: what is said to whoever asks meanwhile')]
        string $why = 'This workshop is closed for a moment. Nothing is lost; try again soon.',
    ): int {
        try {
            return match ($do) {
                'count' => $this->count($io),
                'make' => $this->make($io, $name, $timezone),
                'move' => $this->move($io, $name, $to),
                'close' => $this->shut($io, $name, $why),
                'open' => $this->shut($io, $name, ''),
                'upgrade' => $this->upgrade($io),
                default => throw new \RuntimeException(\sprintf('“%s” is not known: count, make, move, close, open or upgrade.', $do)),
            };
        } catch (\RuntimeException $error) {
            $io->error($error->getMessage());

            return Command::FAILURE;
        }
    }

    private function count(SymfonyStyle $io): int
    {
        $rows = $this->workshops->count();
        $io->table(
            ['workshop', 'people', 'open pieces', 'visits', 'database MB', 'pictures MB', ''],
            array_map(static fn (array $r): array => [
                $r['name'], $r['people'], $r['open'], $r['visits'], \sprintf('%.1f', $r['databaseMb']), \sprintf('%.1f', $r['picturesMb']), $r['said'],
            ], $rows),
        );
        $io->writeln(\sprintf(' %d workshops', \count($rows)));

        return \in_array(true, array_column($rows, 'failed'), true) ? Command::FAILURE : Command::SUCCESS;
    }

    private function make(SymfonyStyle $io, string $name, string $timezone): int
    {
        $io->success(\sprintf('%s is there. Whose it is, is said at  https://%1$s/begin#%s', $name, $this->workshops->make($name, $timezone)));

        return Command::SUCCESS;
    }

    private function move(SymfonyStyle $io, string $name, string $to): int
    {
        $rows = $this->workshops->move($name, $to);
        $io->success(\sprintf('%s has moved: %d rows, each held against what it was. Its old database stays until you take it away.', $name, $rows));

        return Command::SUCCESS;
    }

    private function shut(SymfonyStyle $io, string $name, string $why): int
    {
        $this->workshops->close($name, $why);
        $io->success(\sprintf('%s is %s.', $name, '' === $why ? 'open' : 'closed'));

        return Command::SUCCESS;
    }

    private function upgrade(SymfonyStyle $io): int
    {
        $failed = 0;
        foreach ($this->workshops->upgrade() as $name => $why) {
            $io->writeln(\sprintf(' %s: %s', $name, $why ?? 'up to date'));
            $failed += null === $why ? 0 : 1;
        }

        return 0 === $failed ? Command::SUCCESS : Command::FAILURE;
    }
}
