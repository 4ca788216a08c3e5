<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception;
use KindHeel\App\Clock\WorkshopClock;
use KindHeel\App\Database\Row;
use KindHeel\App\Database\Tables;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('demo:load', 'Fills an empty database with the Lantern Players and two weeks of work.')]
final readonly class DemoCommand
{
    private const SCENE_WITHIN_MINUTES = 60;
    private const SCENE_EVERY_MINUTES = 10;
    private const YEARS = 3;
    private const VISITS = 50;
    /** Of a busy workshop. */
    private const A_YEAR = 1667;

    public function __construct(
        private DemoLoader $loader,
        private DemoScene $scene,
        private TimeLapse $time,
        private WorkshopClock $clock,
        private Connection $connection,
        private string $workshopTimezone,
    ) {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Option('Empty the database first.')]
        bool $fresh = false,
        #[Option('The moment at which it is to be now, such as 2026-03-03T10:00; time goes on from there.')]
        ?string $at = null,
        #[Option('How many years lie behind it.')]
        int $years = self::YEARS,
        #[Option('How many visits there were in those years; as many as a busy workshop has where nothing is said.')]
        ?int $visits = null,
    ): int {
        if ($years < 1 || $years > 50 || null !== $visits && ($visits < self::VISITS || $visits > 200_000)) {
            $io->error(\sprintf('Between one year and fifty, and from %d visits on.', self::VISITS));

            return Command::FAILURE;
        }
        if (!$this->clock->isDemo()) {
            $io->error('This is a workshop of somebody’s own, or none yet: the demo has no place in it. ./start begins the demo, beside it.');

            return Command::FAILURE;
        }
        if ($fresh) {
            try {
                Tables::numberAnew($this->connection);
            } catch (Exception) {
                $io->error('Emptying the database takes rights that the application does not have. ./start --fresh has them.');

                return Command::FAILURE;
            }
            $this->clock->reset();
            Tables::empty($this->connection);
            Tables::numberAnew($this->connection);
        } elseif (null !== Row::first($this->connection, 'SELECT id FROM person LIMIT 1')) {
            $io->writeln('There is somebody in the database already; it stays as it is.');
            $this->wake($io);

            return Command::SUCCESS;
        }
        $zone = new \DateTimeZone($this->workshopTimezone);
        $this->clock->set(null === $at ? DemoMorning::ofToday($this->clock->now(), $zone) : new \DateTimeImmutable($at, $zone));
        $this->loader->load($this->clock->now(), $years, $visits ?? (self::YEARS === $years ? self::VISITS : $years * self::A_YEAR));
        if (null === $at) {
            // Where nothing may be begun at twenty past ten, it is a little later.
            for ($later = 0; !$this->scene->takeUp($this->clock->now()) && $later < self::SCENE_WITHIN_MINUTES; $later += self::SCENE_EVERY_MINUTES) {
                $this->clock->forward(self::SCENE_EVERY_MINUTES);
            }
            $this->scene->promiseTooSoon($this->clock->now(), LanternPlayers::PROMISED_TOO_SOON);
        }
        $io->writeln('The Lantern Players have moved in.');

        return Command::SUCCESS;
    }

    /** A yard that is shut shows nothing: the hours until the next morning go by. */
    private function wake(SymfonyStyle $io): void
    {
        $now = $this->clock->now();
        if (!$this->time->isOpen($now)) {
            $morning = DemoMorning::after($now, new \DateTimeZone($this->workshopTimezone));
            $this->time->forward((int) ceil(($morning->getTimestamp() - $now->getTimestamp()) / 60), null);
            $io->writeln('Nobody was there; the hours until the next morning have gone by.');
        }
    }
}
