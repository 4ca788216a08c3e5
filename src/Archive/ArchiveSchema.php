<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

/** The JSON Schema (2020-12) of the present version: of the manifest, of a file’s line, and of the lines of each kind. */
final readonly class ArchiveSchema
{
    public function __construct(private Kinds $kinds)
    {
    }

    public function json(): string
    {
        $digest = ['type' => 'string', 'pattern' => '^[0-9a-f]{64}$'];
        $count = ['type' => 'integer', 'minimum' => 0];
        $definitions = [
            'manifest' => self::object([
                'format' => ['const' => Format::NAME],
                'version' => ['const' => Format::VERSION],
                'of' => ['enum' => ['workshop', 'piece'], 'description' => 'Everything of a workshop, or one piece over all its visits.'],
                'workshop' => ['type' => 'string', 'description' => 'The name of where it comes from.'],
                'madeAt' => self::moment(),
                'lines' => [
                    'type' => 'object',
                    'additionalProperties' => self::object(['lines' => $count, 'bytes' => $count, 'sha256' => $digest]),
                    'description' => 'Of each kind: how many lines, and the size and digest of its file as it lies in the archive.',
                ],
            ], 'What is in it.'),
            Format::FILES => self::object(
                ['path' => ['type' => 'string', 'pattern' => trim(Format::FILE, '~D')], 'bytes' => $count, 'sha256' => $digest],
                'A file that lies beside the lines.',
            ),
        ];
        foreach ($this->kinds->all() as $kind) {
            $fields = [];
            foreach ($kind->fields as $field) {
                $fields[$field->name] = self::field($field);
            }
            $definitions[$kind->name] = self::object($fields, $kind->about);
        }

        return json_encode([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => \sprintf('kind-heel:archive:%d', Format::VERSION),
            'title' => 'Archive of a workshop, or of one piece',
            'description' => 'Each definition is that of one file: #/$defs/manifest of manifest.json, #/$defs/piece of each line of lines/piece.jsonl.gz, …',
            '$defs' => $definitions,
        ], \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES)."\n";
    }

    /** @return array<string, mixed> */
    private static function field(Field $field): array
    {
        $schema = match ($field->type) {
            FieldType::Text => ['type' => 'string'] + (null === $field->longest ? [] : ['maxLength' => $field->longest]),
            FieldType::Whole => ['type' => 'integer'],
            FieldType::Number => ['type' => 'number'],
            FieldType::YesNo => ['type' => 'boolean'],
            FieldType::Moment => self::moment(),
            FieldType::Day => ['type' => 'string', 'pattern' => '^\d{4}-[01]\d-[0-3]\d$'],
            FieldType::Inner => ['type' => ['array', 'object']],
        };
        if ([] !== $field->allowed) {
            $schema['enum'] = $field->nullable ? [...$field->allowed, null] : $field->allowed;
        }
        if ($field->nullable) {
            $schema['type'] = [...(array) $schema['type'], 'null'];
        }
        $said = array_filter([$field->about, null === $field->of ? '' : \sprintf('The number of a line of %s.', $field->of)]);

        return $schema + ([] === $said ? [] : ['description' => implode(' ', $said)]);
    }

    /**
     * @param array<string, array<string, mixed>> $properties
     *
     * @return array<string, mixed>
     */
    private static function object(array $properties, string $about = ''): array
    {
        return [
            ...('' === $about ? [] : ['description' => $about]),
            'type' => 'object', 'properties' => $properties, 'required' => array_keys($properties), 'additionalProperties' => false,
        ];
    }

    /** @return array<string, mixed> */
    private static function moment(): array
    {
        return ['type' => 'string', 'pattern' => '^\d{4}-[01]\d-[0-3]\dT[0-2]\d:[0-5]\d:[0-5]\dZ$'];
    }
}
