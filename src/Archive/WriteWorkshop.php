<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use Doctrine\DBAL\Connection;
use KindHeel\App\Files\FileStore;
use KindHeel\App\Settings\WorkshopSettings;
use Symfony\Component\Filesystem\Filesystem;

/** Everything of a workshop as an archive, as it is at one moment, while work goes on. What was cut off among the pictures goes on there. */
final readonly class WriteWorkshop
{
    private const TOLD_EVERY = 5000;

    public function __construct(
        private Connection $connection,
        private Kinds $kinds,
        private WorkshopSettings $settings,
        private ArchiveFile $file,
        private FileStore $store,
    ) {
    }

    /**
     * @param (\Closure(string, int, int): void)|null $tell what is done, how much of it, of how much
     *
     * @throws \RuntimeException when it could not be made; what lay at the path is there still
     */
    public function __invoke(string $path, bool $anew = false, ?\Closure $tell = null): ArchiveManifest
    {
        $folder = ArchiveFile::folder($path);
        if ($anew || !is_file($folder.'/'.Format::MANIFEST)) {
            (new Filesystem())->remove($folder);
            (new Filesystem())->mkdir($folder.'/lines', 0o700);
            $this->lines($folder, $tell);
        }
        $manifest = ArchiveManifest::read((string) file_get_contents($folder.'/'.Format::MANIFEST));
        $this->file->pack($path, $tell);

        return $manifest;
    }

    private function lines(string $folder, ?\Closure $tell): void
    {
        $all = 0;
        foreach ($this->kinds->all() as $kind) {
            $about = $this->connection->fetchOne(
                'SELECT table_rows FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name = ?',
                [$kind->table],
            );
            $all += is_numeric($about) ? (int) $about : 0;
        }
        $native = $this->connection->getNativeConnection();
        \assert($native instanceof \PDO);
        $this->connection->executeStatement('SET SESSION TRANSACTION ISOLATION LEVEL REPEATABLE READ');
        $this->connection->executeStatement('START TRANSACTION WITH CONSISTENT SNAPSHOT, READ ONLY');
        // Row by row: a table need not fit into the memory.
        $native->setAttribute(\PDO::MYSQL_ATTR_USE_BUFFERED_QUERY, false);
        try {
            $madeAt = new \DateTimeImmutable('now', new \DateTimeZone('UTC'));
            $lines = [];
            $done = 0;
            foreach ($this->kinds->all() as $kind) {
                $file = LinesFile::begin($folder.'/'.\sprintf(Format::LINES, $kind->name));
                foreach ($this->connection->iterateAssociative('SELECT '.$kind->columns().' FROM '.$kind->table.' ORDER BY '.$kind->key()->column) as $row) {
                    $file->put($kind->line($row));
                    if (null !== $tell && 0 === ++$done % self::TOLD_EVERY) {
                        $tell('lines', $done, max($done, $all));
                    }
                }
                $lines[$kind->name] = $file->end();
            }
            $lines[Format::FILES] = $this->filesBeside($folder);
            $name = $this->settings->identity()->name;
            (new Filesystem())->dumpFile(
                $folder.'/'.Format::MANIFEST,
                (new ArchiveManifest(Format::VERSION, 'workshop', $name, $madeAt->format('Y-m-d\TH:i:s\Z'), $lines))->json(),
            );
        } finally {
            $native->setAttribute(\PDO::MYSQL_ATTR_USE_BUFFERED_QUERY, true);
            $this->connection->executeStatement('COMMIT');
        }
    }

    /** @return array{lines: int, bytes: int, sha256: string} */
    private function filesBeside(string $folder): array
    {
        $file = LinesFile::begin($folder.'/'.\sprintf(Format::LINES, Format::FILES));
        $queries = [
            'SELECT DISTINCT digest FROM picture ORDER BY digest' => static fn (string $d): array => array_map(
                static fn (string $name): string => substr($d, 0, 2).'/'.$d.'/'.$name,
                ['full.jpg', 'original', 'thumb.jpg'],
            ),
            'SELECT DISTINCT sheet FROM product WHERE sheet IS NOT NULL ORDER BY sheet' => static fn (string $d): array => ['sheets/'.$d.'.pdf'],
        ];
        foreach ($queries as $query => $names) {
            foreach ($this->connection->iterateColumn($query) as $digest) {
                foreach ($names(\is_string($digest) ? $digest : '') as $name) {
                    $path = $this->store->at($name);
                    if (null !== $path) {
                        $file->put(self::fileLine('pictures/'.$name, $path));
                    }
                }
            }
        }

        return $file->end();
    }

    public static function fileLine(string $name, string $path): string
    {
        return json_encode(
            ['path' => $name, 'bytes' => filesize($path), 'sha256' => hash_file('sha256', $path)],
            \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
        );
    }
}
