<?php

declare(strict_types=1);

namespace KindHeel\App\Hosting;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DatabaseError;
use KindHeel\App\Database\Logged;
use KindHeel\App\Database\Server;
use KindHeel\App\Running\ConsoleProcess;
use KindHeel\App\Running\Heartbeat;
use KindHeel\App\Running\Turn;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Process\Process;

/**
 * What works by itself, for every workshop of a machine: instead of four processes each, one that looks what is due and begins a short one for it, a few at a
 * time. Of several machines, one looks after a workshop at a time.
 */
#[AsCommand('workshops:work', 'Does for all workshops of this machine what works by itself: re-planning, the air, post and housekeeping.')]
final class WorkshopsWorkCommand
{
    private const LOOK_EVERY_S = 2;
    /** Though nothing has changed: time goes on. */
    private const EVERY_S = ['plan-ahead' => 600, 'air-watch' => 60, 'post' => 20, 'housekeeping' => 600];
    private const COMMANDS = ['plan-ahead' => 'bench:plan-ahead', 'air-watch' => 'air:watch', 'post' => 'post:send', 'housekeeping' => 'house:keep'];
    private const UNSOLVED = 'SELECT asked <> solved FROM timetable';
    private const POST_WAITS = "SELECT EXISTS (SELECT 1 FROM message WHERE by_way = 'email' AND state IN ('waiting', 'sending'))";

    /** @var array<string, Connection> by address */
    private array $connections = [];
    /** @var array<string, Turn> by address of the database */
    private array $turns = [];
    /** @var array<string, int> monotonic seconds, by workshop and process */
    private array $last = [];
    /** @var array<string, Process> by workshop and process */
    private array $running = [];

    public function __construct(
        private readonly ClockInterface $clock,
        private readonly LoggerInterface $logger,
        private readonly string $projectDir,
        #[Autowire('%env(WORKSHOPS_DIR)%')]
        private readonly string $workshopsDir,
        #[Autowire('%env(NODE)%')]
        private readonly string $node,
        #[Autowire('%env(int:WORKSHOPS_AT_ONCE)%')]
        private readonly int $atOnce,
    ) {
    }

    public function __invoke(#[Option('Until nothing is due, and stop.')] bool $once = false): int
    {
        do {
            foreach (Hosted::all($this->workshopsDir) as $workshop) {
                if ('' === $workshop->closed) {
                    $this->look($workshop);
                }
            }
            $this->reap();
            while ($once && [] !== $this->running) {
                usleep(100_000);
                $this->reap();
            }
            $once || sleep(self::LOOK_EVERY_S);
        } while (!$once);

        return Command::SUCCESS;
    }

    private function look(Hosted $workshop): void
    {
        $url = $workshop->setting('DATABASE_URL');
        try {
            // By where it is: one that has moved is looked after there.
            $database = $this->connections[$url] ??= Server::connect($url);
            $turn = $this->turns[$url] ??= new Turn($database, $this->projectDir, $this->node);
            $heartbeat = new Heartbeat($workshop->setting('RUN_DIR'), $this->clock);
            foreach (self::COMMANDS as $process => $command) {
                // A workshop without an instrument has no air to read.
                if ('air-watch' === $process && '' === $workshop->setting('HYGROMETER_URL')) {
                    continue;
                }
                if ($turn->isMine('workshops') && $this->isDue($workshop, $process, $database)) {
                    $this->begin($workshop, $process, $command);
                }
                $heartbeat->beat($process);
            }
        } catch (DatabaseError|\RuntimeException $error) {
            $this->logger->warning('{workshop}: {why}', ['workshop' => $workshop->name, 'why' => Logged::why($error)]);
            unset($this->connections[$url], $this->turns[$url]);
        }
    }

    /** @param key-of<self::COMMANDS> $process */
    private function isDue(Hosted $workshop, string $process, Connection $database): bool
    {
        $since = intdiv(hrtime(true), 1_000_000_000) - ($this->last[$workshop->name.' '.$process] ?? 0);

        return match ($process) {
            'plan-ahead' => $since >= self::EVERY_S[$process] || self::says($database, self::UNSOLVED),
            'post' => $since >= self::EVERY_S[$process] && self::says($database, self::POST_WAITS),
            default => $since >= self::EVERY_S[$process],
        };
    }

    private static function says(Connection $database, string $sql): bool
    {
        return \in_array($database->fetchOne($sql), [1, '1'], true);
    }

    private function begin(Hosted $workshop, string $process, string $command): void
    {
        $key = $workshop->name.' '.$process;
        if (isset($this->running[$key]) || \count($this->running) >= $this->atOnce) {
            return;
        }
        $this->last[$key] = intdiv(hrtime(true), 1_000_000_000);
        $this->running[$key] = ConsoleProcess::of($this->projectDir, [$command, '--once'], $workshop->told());
        $this->running[$key]->start();
    }

    private function reap(): void
    {
        foreach ($this->running as $key => $process) {
            if (!$process->isRunning()) {
                if (!$process->isSuccessful()) {
                    $this->logger->warning('{key} failed: {why}', ['key' => $key, 'why' => mb_substr(trim($process->getErrorOutput()), 0, 300)]);
                }
                unset($this->running[$key]);
            }
        }
    }
}
