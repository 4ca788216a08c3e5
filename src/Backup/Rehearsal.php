<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use KindHeel\App\Database\Server;
use Symfony\Component\Filesystem\Filesystem;

/** Brings a backup back beside what is there, and holds it against what was written down when it was made: every row of every table, every file. */
final readonly class Rehearsal
{
    private const BESIDE = 'kindheel_rehearsal';

    public function __construct(private Backups $backups, private string $runDir)
    {
    }

    /**
     * @param string                        $url  of a database on the server, by somebody who may make another beside it
     * @param (\Closure(string): void)|null $then what else is tried on the copy, by its address, before it goes
     *
     * @return array{at: string, tables: int, rows: int, files: int, bytes: int}
     *
     * @throws \RuntimeException that says what is not as it was
     */
    public function of(string $path, string $url, ?\Closure $then = null): array
    {
        $folder = $this->runDir.'/rehearsal-'.bin2hex(random_bytes(4));
        $server = Server::connect($url);
        $beside = (new DatabaseDump($url))->of(self::BESIDE);
        try {
            $manifest = $this->backups->unpack($path, $folder);
            $server->executeStatement('DROP DATABASE IF EXISTS '.self::BESIDE);
            $server->executeStatement('CREATE DATABASE '.self::BESIDE.' CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
            $beside->fill($folder.'/database.sql.gz');
            $found = $beside->take(null);
            foreach ($manifest->tables as $table => $was) {
                if ($was !== ($found[$table] ?? null)) {
                    $back = $found[$table]['rows'] ?? 0;
                    throw new \RuntimeException(\sprintf('The table %s is not as it was: %d rows, %d came back.', $table, $was['rows'], $back));
                }
            }

            null === $then || $then($beside->url);

            return [
                'at' => $manifest->at, 'tables' => \count($found), 'rows' => array_sum(array_column($found, 'rows')), 'files' => \count($manifest->files) - 1,
                'bytes' => (int) filesize($path),
            ];
        } finally {
            // First: who may lay out no database may drop none either, and what was opened is not to lie about.
            (new Filesystem())->remove($folder);
            $server->executeStatement('DROP DATABASE IF EXISTS '.self::BESIDE);
        }
    }
}
