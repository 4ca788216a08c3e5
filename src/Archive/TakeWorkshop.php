<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Backup\DatabaseDump;
use KindHeel\App\Database\Row;
use KindHeel\App\Files\FileStore;
use KindHeel\App\Job\PlanMarks;
use KindHeel\App\People\Passwords;
use KindHeel\App\People\Person;
use KindHeel\App\People\Role;
use Symfony\Component\Filesystem\Filesystem;

/**
 * Brings a whole workshop out of an archive into one that nobody has begun yet. Some hundred lines at a time, each with how far it is by then: what was cut off
 * goes on there when the same archive is taken once more. Nobody can sign in before the end, as no archive holds a password.
 */
final readonly class TakeWorkshop
{
    /** In one statement, and in one transaction. */
    private const ROWS_AT_ONCE = 250;
    private const ROWS_A_TRANSACTION = 5000;
    public const NO_SECRETS = ['password_hash' => '', 'pin_tries' => 0, 'second_factor_step' => 0];

    public function __construct(
        private Connection $connection,
        private EntityManagerInterface $entities,
        private Kinds $kinds,
        private ArchiveFile $file,
        private Passwords $passwords,
        private FileStore $store,
        private PlanMarks $marks,
        private string $databaseUrl,
    ) {
    }

    /**
     * @param (\Closure(string, int, int): void)|null $tell what is done, how much of it, of how much
     *
     * @return array{lines: int, files: int, login: string, word: string} by which the first owner signs in once, to set a password
     *
     * @throws BadArchive what was taken in up to there stays, for the same archive made whole
     */
    public function __invoke(string $path, ?\Closure $tell = null): array
    {
        $files = new Filesystem();
        $folder = $this->file->room('take-'.bin2hex(random_bytes(4)));
        try {
            $manifest = $this->file->open($path, $folder);
            if ('workshop' !== $manifest->of) {
                throw new BadArchive('This is the archive of one piece. It is taken in at the counter, or with archive:take --by.');
            }
            $digest = (string) hash_file('sha256', $folder.'/'.Format::MANIFEST);
            $at = $this->begin($digest);
            $this->feed(fn (\Closure $put) => $this->everyKind($manifest, $folder, $at, $digest, $put, $tell));
            $taken = $this->file->files(
                $path,
                $folder,
                fn (string $name): bool => !$this->store->has(Format::nameOf($name)),
                function (string $name, string $at): void {
                    $this->store->writeFile(Format::nameOf($name), $at);
                    unlink($at);
                },
                $tell,
            );
            [$login, $word] = $this->end($digest);

            return ['lines' => $manifest->count(), 'files' => $taken, 'login' => $login, 'word' => $word];
        } finally {
            $files->remove($folder);
        }
    }

    /**
     * @param array{string, int}                      $at   up to where it is here
     * @param \Closure(string): void                  $put  an SQL statement
     * @param (\Closure(string, int, int): void)|null $tell
     */
    private function everyKind(ArchiveManifest $manifest, string $folder, array $at, string $digest, \Closure $put, ?\Closure $tell): void
    {
        $done = 0;
        foreach ($this->order($manifest) as $kind) {
            if (!$this->isPast($at, $kind, $manifest)) {
                $from = $at[0] === $kind->name ? $at[1] : 0;
                $this->lines($manifest, $kind, $folder, $from, $digest, $put, static function (int $line) use ($tell, $done, $manifest): void {
                    null === $tell || $tell('lines', $done + $line, $manifest->count());
                });
            }
            $done += $manifest->lines[$kind->name]['lines'];
        }
    }

    /**
     * @param \Closure(\Closure(string): void): void $statements
     *
     * @throws BadArchive
     */
    private function feed(\Closure $statements): void
    {
        try {
            (new DatabaseDump($this->databaseUrl))->feed($statements);
        } catch (BadArchive $error) {
            throw $error;
        } catch (\RuntimeException $error) {
            // SQLSTATE 23: what holds rows together.
            throw new BadArchive(
                str_contains($error->getMessage(), '(23000)')
                    ? 'It speaks of something that is not in it, or says something twice: '.$error->getMessage()
                    : $error->getMessage(),
                previous: $error,
            );
        }
    }

    /** @return array{string, int} the kind up to which its lines are there, and how many of those */
    private function begin(string $digest): array
    {
        $known = Row::first($this->connection, 'SELECT kind, up_to, ended_at FROM archive_taken WHERE digest = ?', [$digest]);
        if (null !== $known && null === $known->textOrNull('ended_at')) {
            return [$known->text('kind'), $known->int('up_to')];
        }
        // What another archive began and did not end belongs to nobody yet.
        $isBegun = null !== Row::first($this->connection, 'SELECT digest FROM archive_taken WHERE ended_at IS NULL LIMIT 1');
        if (!$isBegun && null !== Row::first($this->connection, 'SELECT id FROM person LIMIT 1')) {
            throw new BadArchive('There are people here already. A whole workshop is taken in where nobody has begun yet; start an empty one.');
        }
        $this->connection->transactional(function () use ($digest): void {
            // What an empty workshop is laid out with, and what another archive began.
            foreach (array_reverse($this->kinds->all()) as $kind) {
                $this->connection->executeStatement('DELETE FROM '.$kind->table);
            }
            $this->connection->executeStatement('DELETE FROM archive_taken');
            $this->connection->insert('archive_taken', ['digest' => $digest, 'kind' => '', 'up_to' => 0]);
        });

        return ['', 0];
    }

    /** @return list<Kind> of those in it, in the order in which they can be written */
    private function order(ArchiveManifest $manifest): array
    {
        foreach (array_keys($manifest->lines) as $name) {
            Format::FILES === $name || $this->kinds->of($name);
        }

        return array_values(array_filter($this->kinds->all(), static fn (Kind $k): bool => isset($manifest->lines[$k->name])));
    }

    /** @param array{string, int} $at */
    private function isPast(array $at, Kind $kind, ArchiveManifest $manifest): bool
    {
        $names = array_column($this->order($manifest), 'name');

        return \in_array($at[0], $names, true) && array_search($kind->name, $names, true) < array_search($at[0], $names, true);
    }

    /**
     * @param \Closure(string): void $put  an SQL statement
     * @param \Closure(int): void    $tell
     */
    private function lines(ArchiveManifest $manifest, Kind $kind, string $folder, int $from, string $digest, \Closure $put, \Closure $tell): void
    {
        $values = [];
        $last = 0;
        // A person without a password cannot sign in until there is one.
        $more = 'person' === $kind->table ? self::NO_SECRETS : [];
        $insert = \sprintf('INSERT INTO %s (%s) VALUES ', $kind->table, implode(', ', [...array_column($kind->fields, 'column'), ...array_keys($more)]));
        $begin = "START TRANSACTION;\n";
        $end = fn (int $upTo): string => \sprintf(
            "UPDATE archive_taken SET kind = %s, up_to = %d WHERE digest = %s;\nCOMMIT;\n",
            $this->quote($kind->name),
            $upTo,
            $this->quote($digest),
        );
        $put($begin);
        foreach (LinesFile::read($folder.'/'.\sprintf(Format::LINES, $kind->name)) as $last => $line) {
            if ($last <= $from) {
                continue;
            }
            try {
                $row = $kind->row(Older::line($manifest->version, $kind->name, $line)) + $more;
            } catch (BadArchive $error) {
                throw new BadArchive(\sprintf('Line %d of %s: %s.', $last, $kind->name, $error->getMessage()), previous: $error);
            }
            $values[] = '('.implode(', ', array_map($this->quote(...), $row)).')';
            if (self::ROWS_AT_ONCE === \count($values)) {
                $values = self::put($values, $insert, $put);
            }
            if (0 === $last % self::ROWS_A_TRANSACTION) {
                $values = self::put($values, $insert, $put);
                $put($end($last).$begin);
                $tell($last);
            }
        }
        self::put($values, $insert, $put);
        $put($end($last));
        $tell($last);
        if ($last !== $manifest->lines[$kind->name]['lines']) {
            throw new BadArchive(\sprintf('There are %d lines of %s; it says %d.', $last, $kind->name, $manifest->lines[$kind->name]['lines']));
        }
    }

    /**
     * The server is at one statement while the next is made.
     *
     * @param list<string>           $values
     * @param \Closure(string): void $put
     *
     * @return array{} what is left of them
     */
    private static function put(array $values, string $insert, \Closure $put): array
    {
        [] === $values || $put($insert.implode(', ', $values).";\n");

        return [];
    }

    private function quote(string|int|float|null $value): string
    {
        return match (true) {
            null === $value => 'NULL',
            \is_string($value) => $this->connection->quote($value),
            \is_int($value) => (string) $value,
            default => var_export($value, true),
        };
    }

    /** @return array{string, string} */
    private function end(string $digest): array
    {
        $owner = $this->entities->getRepository(Person::class)->findOneBy(['role' => Role::Owner, 'leftOn' => null], ['id' => 'ASC'])
            ?? throw new BadArchive('There is no owner in it who could sign in.');
        $word = $this->passwords->giveOneTimeWord($owner);
        $this->entities->flush();
        $this->marks->allChanged();
        $this->connection->executeStatement('UPDATE timetable SET asked = 1, solved = 0, blocks = \'[]\', ends = \'[]\', paces = \'[]\', marks = \'[]\'');
        $this->connection->executeStatement('UPDATE archive_taken SET ended_at = UTC_TIMESTAMP() WHERE digest = ?', [$digest]);

        return [$owner->login(), $word];
    }
}
