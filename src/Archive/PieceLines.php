<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use Doctrine\DBAL\Connection;

/** Writes the lines of one piece, with numbers that begin at 1 for each kind, and keeps in mind whom and what they speak of. */
final class PieceLines
{
    /** @var array<string, array<int, int>> the number in the archive by that here, by kind */
    private array $numbers = [];
    /** @var array<string, array{lines: int, bytes: int, sha256: string}> */
    private array $written = [];
    /** @var array<string, true> of products */
    private array $codes = [];
    private ?LinesFile $files = null;

    public function __construct(private readonly Connection $connection, private readonly Kinds $kinds, private readonly string $folder)
    {
    }

    /**
     * @param string                                               $where SQL
     * @param \Closure(array<string, mixed>): array<string, mixed> $as    what is written instead of a row
     */
    public function put(string $name, string $where, \Closure $as): void
    {
        $kind = $this->kinds->of($name);
        $rows = $this->connection->fetchAllAssociative('SELECT '.$kind->columns().' FROM '.$kind->table.' WHERE '.$where.' ORDER BY id');
        // Those that were spoken of before come in that order.
        usort($rows, fn (array $a, array $b): int => $this->known($name, $a['id']) <=> $this->known($name, $b['id']));
        $file = LinesFile::begin($this->path($name));
        foreach ($rows as $row) {
            $row = $as($row);
            foreach ($kind->fields as $field) {
                $value = $row[$field->column];
                $of = 'id' === $field->column ? $name : $field->of;
                if (null !== $of && is_numeric($value)) {
                    $row[$field->column] = $this->number($of, (int) $value);
                }
            }
            $file->put($kind->line($row));
            $this->readCodes($name, $row);
        }
        $this->written[$name] = $file->end();
    }

    /**
     * Of what was laid from a pot, only what lies on this piece; it is named by its number in the archive.
     *
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    public function laidHere(array $row): array
    {
        $laid = \is_string($row['laid'] ?? null) ? json_decode($row['laid'], true) : null;
        if (\is_array($laid) && \is_int($laid['piece'] ?? null)) {
            $number = $this->numbers['piece'][$laid['piece']] ?? null;
            $row['laid'] = null === $number ? '[]' : json_encode(['piece' => $number] + $laid, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
        }

        return ['step_id' => $this->has('plan-step', $row['step_id']) ? $row['step_id'] : null] + $row;
    }

    /** Whether it is among the lines, by its number here. */
    public function has(string $kind, mixed $id): bool
    {
        return is_numeric($id) && isset($this->numbers[$kind][(int) $id]);
    }

    /** @return list<int> numbers here of what the lines speak of */
    public function spokenOf(string $kind): array
    {
        return array_keys($this->numbers[$kind] ?? []);
    }

    /** @return list<string> of products */
    public function codes(): array
    {
        return array_map(strval(...), array_keys($this->codes));
    }

    /** @param string|null $line none to end them */
    public function file(?string $line): void
    {
        $this->files ??= LinesFile::begin($this->path(Format::FILES));
        if (null !== $line) {
            $this->files->put($line);
        } else {
            $this->written[Format::FILES] = $this->files->end();
        }
    }

    /** @return array<string, array{lines: int, bytes: int, sha256: string}> */
    public function end(): array
    {
        return $this->written;
    }

    private function path(string $name): string
    {
        return $this->folder.'/'.\sprintf(Format::LINES, $name);
    }

    private function known(string $kind, mixed $id): int
    {
        return is_numeric($id) ? $this->numbers[$kind][(int) $id] ?? \PHP_INT_MAX : 0;
    }

    private function number(string $kind, int $id): int
    {
        return $this->numbers[$kind][$id] ??= \count($this->numbers[$kind] ?? []) + 1;
    }

    /** @param array<string, mixed> $row */
    private function readCodes(string $kind, array $row): void
    {
        foreach (ProductWords::in($kind, $row) as $code) {
            $this->codes[$code] = true;
        }
    }
}
