<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DatabaseError;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Logged;
use KindHeel\App\Database\Row;
use KindHeel\App\Files\FileStore;
use KindHeel\App\Files\NoRoom;
use Psr\Log\LoggerInterface;
use Symfony\Component\Filesystem\Filesystem;

/**
 * Everything of a workshop in one closed file: a dump of the database as it is at one moment, then every picture and sheet, and a manifest with the digest of
 * each and of the rows of each table. Inside it is a tar of `manifest.json`, `database.sql.gz` and `pictures/`.
 */
final readonly class Backups
{
    public const ENDING = '.backup';
    private const NAME = 'kindheel-%s'.self::ENDING;
    /** To the millisecond: two of a second do not meet. */
    private const DATE = 'Ymd\THisv\Z';
    private const LONGEST_FAILURE = 500;

    public function __construct(
        private Connection $connection,
        private BackupKey $key,
        private LoggerInterface $logger,
        private string $backupDir,
        private FileStore $store,
        private string $databaseUrl,
        private string $runDir,
    ) {
    }

    /**
     * Makes one and throws away those that are kept no longer.
     *
     * @return string path of the file
     *
     * @throws \RuntimeException when it could not be made; what was there before is there still, and it is written down that it failed
     */
    public function make(): string
    {
        $at = new \DateTimeImmutable('now', new \DateTimeZone('UTC'));
        $file = \sprintf(self::NAME, $at->format(self::DATE));
        try {
            $path = $this->alone(fn (): string => $this->write($at, $file));
            $this->written($at, $file, (int) filesize($path), null);
            $this->clear();

            return $path;
        } catch (\Throwable $error) {
            $this->logger->error('The backup failed: {why}', ['why' => Logged::why($error)]);
            try {
                $this->written($at, $file, 0, Logged::why($error));
            } catch (DatabaseError) {
                // Where the database is what failed, the log alone says so.
            }

            throw $error;
        }
    }

    public function hasGoodOneOf(int $hours): bool
    {
        return null !== Row::first(
            $this->connection,
            'SELECT id FROM backup_made WHERE failure IS NULL AND at > UTC_TIMESTAMP() - INTERVAL ? HOUR LIMIT 1',
            [$hours],
        );
    }

    /** @return array<string, \DateTimeImmutable> when each was made, by path, the newest first */
    public function all(): array
    {
        $found = [];
        foreach (glob($this->backupDir.'/*'.self::ENDING) ?: [] as $path) {
            $said = 1 === preg_match('/(\d{8}T\d{9}Z)\.backup$/', $path, $m) ? $m[1] : '';
            $at = \DateTimeImmutable::createFromFormat(self::DATE, $said, new \DateTimeZone('UTC'));
            if (false !== $at) {
                $found[$path] = $at;
            }
        }
        arsort($found);

        return $found;
    }

    /** @throws \RuntimeException when there is none so old */
    public function of(\DateTimeImmutable $moment): string
    {
        foreach ($this->all() as $path => $at) {
            if ($at <= $moment) {
                return $path;
            }
        }
        throw new \RuntimeException(\sprintf('There is no backup from before %s in %s.', $moment->format('Y-m-d H:i'), $this->backupDir));
    }

    /**
     * Opens one into a folder and holds every file against the manifest.
     *
     * @throws \RuntimeException when anything is missing or is not as it was
     */
    public function unpack(string $path, string $folder): Manifest
    {
        (new Filesystem())->mkdir($folder, 0o700);
        $from = @fopen($path, 'r') ?: throw new \RuntimeException(\sprintf('%s cannot be read.', $path));
        $tar = proc_open(['tar', '-C', $folder, '-xf', '-'], [0 => ['pipe', 'r'], 2 => ['file', $folder.'/said', 'w']], $pipes)
            ?: throw new \RuntimeException('tar could not be begun.');
        try {
            ClosedFile::open($from, $pipes[0], $this->key->bytes());
        } finally {
            fclose($pipes[0]);
            fclose($from);
            $ended = proc_close($tar);
        }
        if (0 !== $ended) {
            throw new \RuntimeException('tar: '.trim((string) file_get_contents($folder.'/said')));
        }
        $manifest = Manifest::read((string) @file_get_contents($folder.'/manifest.json'));
        foreach ($manifest->files as $name => $digest) {
            if (!is_file($folder.'/'.$name) || $digest !== hash_file('sha256', $folder.'/'.$name)) {
                throw new \RuntimeException(\sprintf('%s is missing in it, or is not as it was.', $name));
            }
        }

        return $manifest;
    }

    public function rehearsed(string $path): void
    {
        $this->connection->executeStatement('UPDATE backup_made SET rehearsed_at = UTC_TIMESTAMP() WHERE file = ?', [basename($path)]);
    }

    private function write(\DateTimeImmutable $at, string $file): string
    {
        $files = new Filesystem();
        $files->mkdir($this->backupDir, 0o700);
        $key = $this->key->bytes();
        $beside = $this->backupDir.'/'.$file.'.part';
        // What is not closed yet lies with the workshop itself, never where backups do.
        $folder = $this->runDir.'/'.$file.'.part';
        // One that was cut off left this behind; nobody else is at it.
        $files->remove([...glob($this->runDir.'/*'.self::ENDING.'.part') ?: [], ...glob($this->backupDir.'/*'.self::ENDING.'.part') ?: []]);
        try {
            $files->mkdir($folder, 0o700);
            $to = @fopen($folder.'/database.sql.gz', 'x') ?: throw new NoRoom();
            $tables = (new DatabaseDump($this->databaseUrl))->take($to);
            fclose($to);
            $digests = ['database.sql.gz' => (string) hash_file('sha256', $folder.'/database.sql.gz')];
            foreach (FileSnapshot::take($this->store, $this->store->names(), $folder.'/pictures') as $name => $digest) {
                $digests['pictures/'.$name] = $digest;
            }
            $files->dumpFile($folder.'/manifest.json', (new Manifest($at->format(\DATE_ATOM), $tables, $digests))->json());
            $files->dumpFile($folder.'/list', implode("\0", ['manifest.json', ...array_keys($digests)]));
            $tar = proc_open(
                ['tar', '-C', $folder, '-cf', '-', '--null', '--no-recursion', '--verbatim-files-from', '--files-from', $folder.'/list'],
                [1 => ['pipe', 'w'], 2 => ['file', $folder.'/said', 'w']],
                $pipes,
            ) ?: throw new \RuntimeException('tar could not be begun.');
            $closed = @fopen($beside, 'x') ?: throw new NoRoom();
            try {
                ClosedFile::close($pipes[1], $closed, $key);
                @fflush($closed) && @fsync($closed) || throw new NoRoom();
            } finally {
                fclose($pipes[1]);
                fclose($closed);
                $ended = proc_close($tar);
            }
            if (0 !== $ended) {
                throw new \RuntimeException('tar: '.trim((string) file_get_contents($folder.'/said')));
            }
            chmod($beside, 0o600);
            $files->rename($beside, $this->backupDir.'/'.$file);
        } finally {
            $files->remove([$folder, $beside]);
        }

        return $this->backupDir.'/'.$file;
    }

    private function clear(): void
    {
        $paths = array_flip(array_map(static fn (\DateTimeImmutable $at): string => $at->format(self::DATE), $this->all()));
        foreach (Generations::go(array_values($this->all())) as $at) {
            (new Filesystem())->remove($paths[$at->format(self::DATE)]);
        }
    }

    private function written(\DateTimeImmutable $at, string $file, int $bytes, ?string $failure): void
    {
        $this->connection->insert('backup_made', [
            'at' => Iso::toRow($at), 'file' => $file, 'bytes' => $bytes,
            'failure' => null === $failure ? null : mb_substr($failure, 0, self::LONGEST_FAILURE),
        ]);
    }

    /**
     * @template T
     *
     * @param \Closure(): T $act
     *
     * @return T
     */
    private function alone(\Closure $act): mixed
    {
        (new Filesystem())->mkdir($this->runDir);
        $lock = fopen($this->runDir.'/backup.lock', 'c');
        if (false === $lock || !flock($lock, \LOCK_EX | \LOCK_NB)) {
            throw new \RuntimeException('Another backup is being made this moment.');
        }
        try {
            return $act();
        } finally {
            fclose($lock);
        }
    }
}
