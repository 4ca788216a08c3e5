<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

/** One kind of lines: a table, and what is written of it. */
final readonly class Kind
{
    /**
     * @param non-empty-list<Field> $fields the first is its number, or the word that it goes by
     */
    public function __construct(public string $name, public string $table, public array $fields, public string $about = '')
    {
    }

    public function key(): Field
    {
        return $this->fields[0];
    }

    /** @return list<string> of kinds that have to be there before */
    public function needs(): array
    {
        return array_values(array_filter(
            array_unique(array_map(static fn (Field $f): ?string => $f->of, $this->fields)),
            fn (?string $of): bool => null !== $of && $of !== $this->name,
        ));
    }

    public function columns(): string
    {
        return implode(', ', array_map(static fn (Field $f): string => $f->column, $this->fields));
    }

    /**
     * @param array<string, mixed> $row as the database says it, by column
     *
     * @return string a JSON object, without the end of the line
     */
    public function line(array $row): string
    {
        $line = '';
        foreach ($this->fields as $field) {
            $line .= ('' === $line ? '{"' : ',"').$field->name.'":'.$field->json($row[$field->column]);
        }

        return $line.'}';
    }

    /**
     * @return non-empty-array<string, string|int|float|null> what the database takes, by column
     *
     * @throws BadArchive
     */
    public function row(\stdClass $line): array
    {
        $row = [];
        foreach ($this->fields as $field) {
            property_exists($line, $field->name) || throw new BadArchive(\sprintf('“%s” is missing', $field->name));
            $row[$field->column] = $field->row($line->{$field->name});
        }
        if (\count((array) $line) !== \count($row)) {
            $unknown = array_diff(array_keys((array) $line), array_column($this->fields, 'name'));
            throw new BadArchive(\sprintf('“%s” is not known here', mb_substr((string) reset($unknown), 0, 40)));
        }

        return $row;
    }
}
