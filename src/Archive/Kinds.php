<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Mapping\ClassMetadata;

/**
 * All kinds of lines, those first that others speak of. They are what the entities are, so that nothing that is added is forgotten; a change of them is another
 * version of the format ({@see Format}).
 */
final class Kinds
{
    /** What is reckoned anew, holds for the moment, or opens a door. */
    private const LEFT_OUT = [
        'sessions', 'sign_in', 'sign_in_failure', 'calendar_feed', 'remembered_answer', 'bench_shown', 'shelf_shown', 'write_probe', 'timetable', 'piece_mark',
        'piece_text', 'plan_mark', 'backup_made', 'air_fault', 'account_note', 'archive_made', 'archive_taken', 'lock_keys',
    ];
    /** Whoever has an archive is not to sign in by it. */
    private const SECRET = ['person' => ['password_hash', 'one_time_until', 'pin_hash', 'pin_tries', 'second_factor', 'second_factor_step']];
    /** Columns that say a number of another table without being an association. */
    private const NUMBERS_OF = [
        'step_id' => 'plan-step', 'piece_id' => 'piece', 'pot_id' => 'pot', 'picture_id' => 'picture', 'usual_job_id' => 'usual-job',
    ];

    /** @var array<string, Kind>|null */
    private ?array $all = null;

    public function __construct(private readonly EntityManagerInterface $entities)
    {
    }

    /** @return array<string, Kind> by name */
    public function all(): array
    {
        return $this->all ??= $this->read();
    }

    public function of(string $name): Kind
    {
        return $this->all()[$name] ?? throw new BadArchive(\sprintf('“%s” is no kind of lines that is known here.', mb_substr($name, 0, 40)));
    }

    /** @return array<string, Kind> */
    private function read(): array
    {
        $kinds = [];
        foreach ($this->entities->getMetadataFactory()->getAllMetadata() as $meta) {
            if (!\in_array($meta->getTableName(), self::LEFT_OUT, true)) {
                $kind = $this->kind($meta);
                $kinds[$kind->name] = $kind;
            }
        }
        ksort($kinds);
        $sorted = [];
        while ([] !== $kinds) {
            $free = array_filter($kinds, static fn (Kind $k): bool => [] === array_intersect($k->needs(), array_keys($kinds)));
            [] !== $free || throw new \LogicException('Kinds of lines speak of each other in a ring: '.implode(', ', array_keys($kinds)));
            $sorted += $free;
            $kinds = array_diff_key($kinds, $free);
        }

        return $sorted;
    }

    /** @param ClassMetadata<object> $meta */
    private function kind(ClassMetadata $meta): Kind
    {
        $keys = $meta->getIdentifierColumnNames();
        $first = $others = [];
        foreach ($meta->fieldMappings as $mapping) {
            // How often something was changed says nothing elsewhere.
            $isVersion = $meta->isVersioned && $mapping->fieldName === $meta->versionField;
            if ($isVersion || \in_array($mapping->columnName, self::SECRET[$meta->getTableName()] ?? [], true)) {
                continue;
            }
            $enum = $mapping->enumType;
            $field = new Field(
                self::camel($mapping->columnName),
                $mapping->columnName,
                FieldType::ofColumn($mapping->type),
                true === $mapping->nullable,
                self::NUMBERS_OF[$mapping->columnName] ?? null,
                null === $enum ? [] : array_map(static fn (\BackedEnum $case): string|int => $case->value, $enum::cases()),
                null === $enum ? $mapping->length : null,
                self::about($meta->getReflectionProperty($mapping->fieldName)),
            );
            \in_array($mapping->columnName, $keys, true) ? $first[] = $field : $others[] = $field;
        }
        foreach ($meta->associationMappings as $mapping) {
            if ($mapping->isToOneOwningSide()) {
                $join = $mapping->joinColumns[0];
                $others[] = new Field(
                    self::camel($join->name),
                    $join->name,
                    FieldType::Whole,
                    $join->nullable ?? true,
                    self::dashed($this->entities->getClassMetadata($mapping->targetEntity)->getTableName()),
                    about: self::about($meta->getReflectionProperty($mapping->fieldName)),
                );
            }
        }
        \assert([] !== $first);

        return new Kind(self::dashed($meta->getTableName()), $meta->getTableName(), [...$first, ...$others], self::about($meta->getReflectionClass()));
    }

    /** @param \ReflectionClass<covariant object>|\ReflectionProperty|null $of */
    private static function about(\ReflectionClass|\ReflectionProperty|null $of): string
    {
        $comment = (string) preg_replace('~^\s*/?\*+/?|\*/\s*$~m', '', (string) $of?->getDocComment());
        $said = (string) preg_replace('/(^|\n)\s*@.*$/s', '', $comment);

        return trim((string) preg_replace(['/\{@see [^}]*\}/', '/\s+/'], ['', ' '], $said));
    }

    /** A reference is named for what it speaks of: `startedBy`, not `startedById`. */
    private static function camel(string $column): string
    {
        return lcfirst(str_replace('_', '', ucwords(1 < \strlen($column) ? (string) preg_replace('/_id$/', '', $column) : $column, '_')));
    }

    private static function dashed(string $table): string
    {
        return str_replace('_', '-', $table);
    }
}
