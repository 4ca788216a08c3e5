<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use KindHeel\App\Files\NoRoom;
use Symfony\Component\Process\Process;

/** Dumps a database as it is at one moment, while work goes on, and fills an empty one from a dump: MariaDB’s own tools, told who we are by a file. */
final class DatabaseDump
{
    private const HASH = 'xxh128';
    private const OPTIONS = [
        '--single-transaction', '--quick', '--skip-lock-tables', '--no-tablespaces', '--order-by-primary', '--skip-add-locks', '--skip-disable-keys',
        '--skip-triggers', '--skip-comments', '--skip-dump-date', '--hex-blob',
        '--default-character-set=utf8mb4', '--net-buffer-length=1M', '--max-allowed-packet=64M',
    ];

    /** @param string $url as Doctrine takes it */
    public function __construct(public readonly string $url)
    {
    }

    public function name(): string
    {
        return ltrim((string) parse_url($this->url, \PHP_URL_PATH), '/');
    }

    /** The same server, another database. */
    public function of(string $name): self
    {
        return new self((string) preg_replace('~/[^/?]*(\?|$)~', '/'.$name.'$1', $this->url, 1));
    }

    /**
     * @param resource|null $to what is dumped, packed by gzip; null to throw it away
     *
     * @return array<string, array{rows: int, digest: string}> of each table, what its rows are
     */
    public function take($to): array
    {
        return $this->told(function (string $told) use ($to): array {
            $dump = proc_open(
                ['mariadb-dump', '--defaults-extra-file='.$told, ...self::OPTIONS, $this->name()],
                [1 => ['pipe', 'w'], 2 => ['file', $told.'.said', 'w']],
                $pipes,
            );
            if (false === $dump) {
                throw new \RuntimeException('mariadb-dump could not be begun.');
            }
            $pack = null === $to ? null : (deflate_init(\ZLIB_ENCODING_GZIP, ['level' => 1]) ?: throw new \RuntimeException('Nothing can be packed here.'));
            $digests = $rows = [];
            $table = '';
            try {
                // A row a line, as this dump writes them; what is inside one has no end of a line.
                while (false !== $line = fgets($pipes[1])) {
                    if (1 === preg_match('/^CREATE TABLE `(\w+)`/', $line, $found)) {
                        $table = $found[1];
                        $digests[$table] = hash_init(self::HASH);
                        $rows[$table] = 0;
                    } elseif ('(' === $line[0] && '' !== $table) {
                        // The last of a statement ends otherwise: where one ends says nothing of the rows.
                        hash_update($digests[$table], rtrim($line, ";,\n"));
                        ++$rows[$table];
                    }
                    if (null !== $pack && false === @fwrite($to, (string) deflate_add($pack, $line, \ZLIB_NO_FLUSH))) {
                        throw new NoRoom();
                    }
                }
            } finally {
                fclose($pipes[1]);
                $ended = proc_close($dump);
            }
            if (0 !== $ended) {
                throw new \RuntimeException('The database could not be dumped: '.trim((string) file_get_contents($told.'.said')));
            }
            if (null !== $pack && false === @fwrite($to, (string) deflate_add($pack, '', \ZLIB_FINISH))) {
                throw new NoRoom();
            }

            $tables = [];
            foreach ($digests as $name => $digest) {
                $tables[$name] = ['rows' => $rows[$name], 'digest' => hash_final($digest)];
            }

            return $tables;
        });
    }

    /**
     * Statements that the server works off while the next are made.
     *
     * @param \Closure(\Closure(string): void): void $statements is given what takes each, with its semicolon
     *
     * @throws \RuntimeException what the server says of the first that it refused; what was committed before is there
     */
    public function feed(\Closure $statements): void
    {
        $this->told(function (string $told) use ($statements): void {
            $client = proc_open(
                ['mariadb', '--defaults-extra-file='.$told, '--default-character-set=utf8mb4', '--max-allowed-packet=64M', $this->name()],
                [0 => ['pipe', 'r'], 2 => ['file', $told.'.said', 'w']],
                $pipes,
            );
            if (false === $client) {
                throw new \RuntimeException('mariadb could not be begun.');
            }
            $error = null;
            try {
                $statements(static function (string $sql) use ($pipes): void {
                    if (@fwrite($pipes[0], $sql) !== \strlen($sql)) {
                        throw new \RuntimeException('The server takes no more.');
                    }
                });
            } catch (\Throwable $error) {
                // What the server said comes first.
            }
            fclose($pipes[0]);
            if (0 !== proc_close($client)) {
                throw new \RuntimeException(trim((string) file_get_contents($told.'.said')), previous: $error);
            }
            null === $error || throw $error;
        });
    }

    /** @param string $packed path of a dump, packed by gzip */
    public function fill(string $packed): void
    {
        $this->told(function (string $told) use ($packed): void {
            $command = 'gzip -dc "$PACKED" | { echo "SET foreign_key_checks = 0, unique_checks = 0, autocommit = 0;"; cat; echo "COMMIT;"; }'
                .' | mariadb --defaults-extra-file="$TOLD" --max-allowed-packet=64M "$NAME"';
            $fill = Process::fromShellCommandline($command, timeout: null);
            $fill->run(env: ['PACKED' => $packed, 'TOLD' => $told, 'NAME' => $this->name()]);
            if (!$fill->isSuccessful()) {
                throw new \RuntimeException('The database could not be filled: '.trim($fill->getErrorOutput()));
            }
        });
    }

    /**
     * @template T
     *
     * @param \Closure(string): T $act
     *
     * @return T
     */
    private function told(\Closure $act): mixed
    {
        $url = parse_url($this->url);
        \assert(\is_array($url));
        parse_str($url['query'] ?? '', $query);
        $lines = array_filter([
            'user' => rawurldecode($url['user'] ?? ''), 'password' => rawurldecode($url['pass'] ?? ''),
            'socket' => \is_string($query['unix_socket'] ?? null) ? $query['unix_socket'] : '',
            'host' => isset($query['unix_socket']) ? '' : ($url['host'] ?? ''), 'port' => isset($query['unix_socket']) ? '' : (string) ($url['port'] ?? ''),
        ], static fn (string $v): bool => '' !== $v);
        $file = (string) tempnam(sys_get_temp_dir(), 'kindheel');
        chmod($file, 0o600);
        try {
            file_put_contents($file, "[client]\n".implode('', array_map(
                static fn (string $k, string $v): string => $k.'="'.addcslashes($v, '"\\')."\"\n",
                array_keys($lines),
                $lines,
            )));

            return $act($file);
        } finally {
            @unlink($file);
            @unlink($file.'.said');
        }
    }
}
