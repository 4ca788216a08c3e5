<?php

declare(strict_types=1);

namespace KindHeel\App\Database;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;

/** A row of a query with its columns by type; a column that is not there or of another type is a fault of ours. */
final readonly class Row
{
    /** @param array<string, mixed> $columns */
    private function __construct(private array $columns)
    {
    }

    /**
     * @param list<mixed>                            $values
     * @param array<int<0, max>, ArrayParameterType> $types  of those that are lists, by their place among the values
     *
     * @return list<self>
     */
    public static function all(Connection $connection, string $sql, array $values = [], array $types = []): array
    {
        return array_map(static fn (array $columns): self => new self($columns), $connection->fetchAllAssociative($sql, $values, $types));
    }

    /** @param list<mixed> $values */
    public static function first(Connection $connection, string $sql, array $values = []): ?self
    {
        $columns = $connection->fetchAssociative($sql, $values);

        return false === $columns ? null : new self($columns);
    }

    public function int(string $column): int
    {
        $value = $this->columns[$column] ?? null;

        return \is_int($value) ? $value : $this->intOrNull($column) ?? throw $this->missing($column);
    }

    public function intOrNull(string $column): ?int
    {
        $value = $this->value($column);

        return null === $value || \is_int($value) ? $value : (is_numeric($value) ? (int) $value : throw $this->missing($column));
    }

    public function float(string $column): float
    {
        return $this->floatOrNull($column) ?? throw $this->missing($column);
    }

    public function floatOrNull(string $column): ?float
    {
        $value = $this->value($column);

        return null === $value || \is_float($value) ? $value : (is_numeric($value) ? (float) $value : throw $this->missing($column));
    }

    public function text(string $column): string
    {
        $value = $this->columns[$column] ?? null;

        return \is_string($value) ? $value : $this->textOrNull($column) ?? throw $this->missing($column);
    }

    public function textOrNull(string $column): ?string
    {
        $value = $this->value($column);

        return null === $value || \is_string($value) ? $value : (\is_int($value) || \is_float($value) ? (string) $value : throw $this->missing($column));
    }

    public function time(string $column): \DateTimeImmutable
    {
        return new \DateTimeImmutable($this->text($column));
    }

    public function timeOrNull(string $column): ?\DateTimeImmutable
    {
        $text = $this->textOrNull($column);

        return null === $text ? null : new \DateTimeImmutable($text);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function enum(string $column, string $enum): \BackedEnum
    {
        return $this->enumOrNull($column, $enum) ?? throw $this->missing($column);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function enumOrNull(string $column, string $enum): ?\BackedEnum
    {
        $value = $this->columns[$column] ?? null;
        $text = \is_string($value) ? $value : $this->textOrNull($column);

        return null === $text ? null : $enum::tryFrom($text) ?? throw $this->missing($column);
    }

    public function flag(string $column): bool
    {
        return 0 !== $this->int($column);
    }

    /** @return list<string> of a JSON column */
    public function words(string $column): array
    {
        return array_values(array_filter($this->json($column), is_string(...)));
    }

    /** @return list<float> of a JSON column that holds numbers */
    public function numbers(string $column): array
    {
        return array_map(
            fn (mixed $v): float => \is_int($v) || \is_float($v) ? (float) $v : throw $this->missing($column),
            array_values($this->json($column)),
        );
    }

    /** @return list<array<string, mixed>> of a JSON column that holds objects */
    public function objects(string $column): array
    {
        /** @var list<array<string, mixed>> $objects */
        $objects = array_values(array_filter($this->json($column), is_array(...)));

        return $objects;
    }

    /** A row that was read as a JSON object; null when there is none. */
    public function inner(string $name): ?self
    {
        $columns = [];
        foreach (null === $this->textOrNull($name) ? [] : $this->json($name) as $column => $value) {
            $columns[(string) $column] = $value;
        }

        return [] === $columns ? null : new self($columns);
    }

    /** @return array<array-key, mixed> */
    public function json(string $column): array
    {
        $text = $this->text($column);
        if ('[]' === $text) {
            return [];
        }
        $value = json_decode($text, true, flags: \JSON_THROW_ON_ERROR);

        return \is_array($value) ? $value : throw $this->missing($column);
    }

    private function value(string $column): mixed
    {
        return \array_key_exists($column, $this->columns) ? $this->columns[$column] : throw $this->missing($column);
    }

    private function missing(string $column): \LogicException
    {
        return new \LogicException(\sprintf('The column “%s” is not what it should be.', $column));
    }
}
