<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DatabaseError;
use Doctrine\DBAL\Exception\ConnectionException;

/** How everything that runs is: for whoever watches the workshop’s computer. */
final readonly class Health
{
    /** What works by itself beside the web server. */
    private const PROCESSES = ['plan-ahead', 'air-watch', 'post', 'housekeeping'];

    public function __construct(private Connection $connection, private Heartbeat $heartbeat, private string $runDir)
    {
    }

    public function look(): HealthView
    {
        $database = $this->database();
        $processes = $this->processes();
        $still = array_filter($processes, static fn (ProcessView $p): bool => null !== $p->stillSince || \in_array($p->state, ['backoff', 'fatal'], true));

        return new HealthView('ok' !== $database ? 'down' : ([] === $still ? 'ok' : 'degraded'), $database, $processes);
    }

    private function database(): string
    {
        try {
            $this->connection->fetchOne('SELECT 1');
        } catch (DatabaseError) {
            return 'cannot be reached';
        }
        try {
            $this->connection->executeStatement(
                'INSERT INTO write_probe (id, at) VALUES (?, UTC_TIMESTAMP()) ON DUPLICATE KEY UPDATE at = VALUES(at)',
                [WriteProbe::ID],
            );

            return 'ok';
        } catch (ConnectionException) {
            return 'cannot be reached';
        } catch (DatabaseError) {
            return 'cannot write';
        }
    }

    /** @return list<ProcessView> what the supervisor says of each, and what each says of itself */
    private function processes(): array
    {
        $said = json_decode((string) @file_get_contents($this->runDir.'/processes.json'), true);
        $processes = [];
        foreach (\is_array($said) ? $said : [] as $name => $one) {
            [$state, $starts, $since] = \is_array($one) ? [$one['state'] ?? null, $one['starts'] ?? null, $one['since'] ?? null] : [null, null, null];
            if (\is_string($name) && \is_string($state) && \is_int($starts) && \is_string($since)) {
                $processes[$name] = new ProcessView($name, $state, $starts, $since, $this->heartbeat->standsStillSince($name));
            }
        }
        foreach (self::PROCESSES as $name) {
            $processes[$name] ??= new ProcessView($name, 'unknown', 0, null, $this->heartbeat->standsStillSince($name));
        }
        ksort($processes);

        return array_values($processes);
    }
}
