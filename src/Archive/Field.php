<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

/** A field of a line, and the column that it is. */
final readonly class Field
{
    private const FLAGS = \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR;
    private const DEEPEST = 32;

    /**
     * @param string|null      $of      the kind of lines of which it says the number
     * @param list<string|int> $allowed what it may be; none for anything of its type
     * @param int|null         $longest letters of a text
     */
    public function __construct(
        public string $name,
        public string $column,
        public FieldType $type,
        public bool $nullable,
        public ?string $of = null,
        public array $allowed = [],
        public ?int $longest = null,
        public string $about = '',
    ) {
    }

    /** As JSON, of what the database says. */
    public function json(mixed $value): string
    {
        if (null === $value) {
            return 'null';
        }
        if (!\is_scalar($value)) {
            throw new \LogicException(\sprintf('%s is not what it should be.', $this->name));
        }
        $text = (string) $value;

        return match ($this->type) {
            FieldType::Text => json_encode($text, self::FLAGS),
            FieldType::Whole => $text,
            FieldType::Number => json_encode((float) $value, self::FLAGS),
            FieldType::YesNo => '0' === $text || '' === $text ? 'false' : 'true',
            FieldType::Moment => '"'.strtr($text, ' ', 'T').'Z"',
            FieldType::Day => '"'.$text.'"',
            // With other spaces or letters written otherwise it is the same, and written the same.
            FieldType::Inner => false === strpbrk($text, " \\\n\r\t")
                ? $text : json_encode(json_decode($text, false, flags: \JSON_THROW_ON_ERROR), self::FLAGS),
        };
    }

    /**
     * As the database takes it.
     *
     * @throws BadArchive
     */
    public function row(mixed $value): string|int|float|null
    {
        if (null === $value) {
            return $this->nullable ? null : throw $this->bad('is missing');
        }
        $row = match ($this->type) {
            FieldType::Text => \is_string($value) ? $value : null,
            FieldType::Whole => \is_int($value) ? $value : null,
            FieldType::Number => \is_int($value) || \is_float($value) ? (float) $value : null,
            FieldType::YesNo => \is_bool($value) ? (int) $value : null,
            FieldType::Moment => \is_string($value) && 1 === preg_match('/^(\d{4}-[01]\d-[0-3]\d)T([0-2]\d:[0-5]\d:[0-5]\d)Z$/D', $value, $m)
                ? $m[1].' '.$m[2] : null,
            FieldType::Day => \is_string($value) && 1 === preg_match('/^\d{4}-[01]\d-[0-3]\d$/D', $value) ? $value : null,
            FieldType::Inner => [] === $value ? '[]' : (\is_array($value) || $value instanceof \stdClass
                ? json_encode($value, \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR, self::DEEPEST) : null),
        };
        if (null === $row) {
            throw $this->bad('is of another type');
        }
        if ([] !== $this->allowed && !\in_array($row, $this->allowed, true)) {
            throw $this->bad('says something that is not known here');
        }
        // In bytes first, which is quick and no fewer.
        if (null !== $this->longest && \is_string($row) && \strlen($row) > $this->longest && mb_strlen($row) > $this->longest) {
            throw $this->bad('is too long');
        }

        return $row;
    }

    private function bad(string $how): BadArchive
    {
        return new BadArchive(\sprintf('“%s” %s', $this->name, $how));
    }
}
