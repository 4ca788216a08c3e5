<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Doctrine\DBAL\Connection;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Lock\Key;
use Symfony\Component\Lock\Lock;
use Symfony\Component\Lock\Store\DoctrineDbalStore;

/**
 * Where several machines stand beside each other, what works by itself is done by one of them at a time: whoever has the turn says so in the database again and
 * again, and when it has said nothing for so long another takes it. A process that is begun anew on the same machine goes on with the turn that it had.
 */
final class Turn
{
    public const SECONDS = 20;
    /** @var array<string, Lock> by process */
    private array $locks = [];
    /** @var array<string, int> nanoseconds, by process */
    private array $surelyUntil = [];

    public function __construct(
        private readonly Connection $connection,
        private readonly string $projectDir,
        #[Autowire('%env(NODE)%')]
        private readonly string $node = '',
    ) {
    }

    /** Takes the turn where it is free, or keeps it. */
    public function isMine(string $process): bool
    {
        // Said again at half time: not a write for every round. By a clock that nobody puts back.
        if (hrtime(true) < ($this->surelyUntil[$process] ?? 0)) {
            return true;
        }
        $isMine = ($this->locks[$process] ??= $this->lock($process))->acquire();
        $this->surelyUntil[$process] = $isMine ? hrtime(true) + intdiv(self::SECONDS * 1_000_000_000, 2) : 0;

        return $isMine;
    }

    private function lock(string $process): Lock
    {
        $key = new Key($process);
        $machine = '' === $this->node ? (string) gethostname() : $this->node;
        $key->setState(DoctrineDbalStore::class, base64_encode(hash('sha256', $machine."\n".$this->projectDir."\n".$process, true)));

        // It prunes nothing: there is a row a process, and no more.
        return new Lock($key, new DoctrineDbalStore($this->connection, gcProbability: 0.0, initialTtl: self::SECONDS), self::SECONDS, false);
    }
}
