<?php

declare(strict_types=1);

namespace KindHeel\App\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\Finder\Finder;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\BackedEnumType;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\GenericType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\Type\TemplateType;
use Symfony\Component\TypeInfo\Type\UnionType;
use Symfony\Component\TypeInfo\TypeContext\TypeContextFactory;
use Symfony\Component\TypeInfo\TypeIdentifier;
use Symfony\Component\TypeInfo\TypeResolver\StringTypeResolver;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolver;
use Symfony\Component\Validator\Constraints\Range;

/** Writes the TypeScript side of the contract from the views and inputs of the API. */
#[AsCommand('types:generate', 'Generates web/src/api/types.ts from the PHP views and inputs.')]
final readonly class TypesCommand
{
    private const FILE = '/web/src/api/types.ts';
    private const WIDTH = 160;

    public function __construct(private string $projectDir)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Option('Fail when the file is stale instead of writing it.')] bool $check = false): int
    {
        return (new GeneratedFile($this->projectDir.self::FILE, $this->generate()))->write($io, $check, 'types:generate');
    }

    private function generate(): string
    {
        $blocks = $enums = $limits = [];
        foreach ((new Finder())->in($this->projectDir.'/src')->name(['*View.php', '*Input.php'])->sortByName() as $file) {
            $class = 'KindHeel\\App\\'.str_replace(['/', '.php'], ['\\', ''], $file->getRelativePathname());
            \assert(class_exists($class));
            $blocks[$file->getBasename('.php')] = $this->block(new \ReflectionClass($class), $enums);
            $limits[$file->getBasename('.php')] = self::limits(new \ReflectionClass($class));
        }
        foreach ($enums as $name => $enum) {
            $blocks[$name] = self::union($name, $enum);
        }
        ksort($blocks);
        $limits = implode('', array_map(
            static fn (string $name, string $fields): string => \sprintf("  %s: {\n%s  },\n", $name, $fields),
            array_keys(array_filter($limits)),
            array_filter($limits),
        ));

        return "// Generated from the PHP views and inputs by `bin/console types:generate`. Do not edit.\n\n".implode("\n", $blocks)
            ."\n/** Between what a number may lie, by input and field. */\nexport const limits = {\n".$limits."} as const\n";
    }

    /**
     * @param \ReflectionClass<object>    $class
     * @param array<string, class-string> $enums that have been met, by short name
     */
    private function block(\ReflectionClass $class, array &$enums): string
    {
        $input = str_ends_with($class->getShortName(), 'Input');
        $documented = $this->documented($class);
        $lines = [];
        foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
            $type = $documented[$parameter->getName()] ?? TypeResolver::create()->resolve($parameter);
            $optional = $input && $parameter->isOptional() ? '?' : '';
            $lines[] = \sprintf("  %s%s%s: %s;\n", $input ? '' : 'readonly ', $parameter->getName(), $optional, $this->typescript($type, $enums));
        }

        return \sprintf("export interface %s%s {\n%s}\n", $class->getShortName(), self::templates($class), implode('', $lines));
    }

    /** @param \ReflectionClass<object> $class */
    private static function limits(\ReflectionClass $class): string
    {
        $lines = '';
        foreach ($class->getProperties() as $property) {
            foreach ($property->getAttributes(Range::class) as $attribute) {
                $range = $attribute->newInstance();
                if (is_numeric($range->min) && is_numeric($range->max)) {
                    $lines .= \sprintf("    %s: { min: %s, max: %s },\n", $property->getName(), $range->min, $range->max);
                }
            }
        }

        return $lines;
    }

    /** @param \ReflectionClass<object> $class */
    private static function templates(\ReflectionClass $class): string
    {
        preg_match_all('/@template(?:-covariant)? (\w+)/', (string) $class->getDocComment(), $found);

        return [] === $found[1] ? '' : '<'.implode(', ', $found[1]).'>';
    }

    /**
     * Types of the constructor's docblock, which know what a list holds.
     *
     * @param \ReflectionClass<object> $class
     *
     * @return array<string, Type>
     */
    private function documented(\ReflectionClass $class): array
    {
        preg_match_all('/@param\s+(\S+)\s+\$(\w+)/', (string) $class->getConstructor()?->getDocComment(), $found, \PREG_SET_ORDER);
        $resolver = new StringTypeResolver();
        $context = (new TypeContextFactory($resolver))->createFromClassName($class->getName());
        $types = [];
        foreach ($found as [, $type, $name]) {
            $types[$name] = $resolver->resolve($type, $context);
        }

        return $types;
    }

    /** @param array<string, class-string> $enums that have been met, by short name */
    private function typescript(Type $type, array &$enums): string
    {
        return match (true) {
            $type instanceof NullableType => $this->typescript($type->getWrappedType(), $enums).' | null',
            $type instanceof CollectionType => $type->isList()
                ? \sprintf('readonly %s[]', self::bracketed($this->typescript($type->getCollectionValueType(), $enums)))
                : \sprintf('Readonly<Record<string, %s>>', $this->typescript($type->getCollectionValueType(), $enums)),
            $type instanceof GenericType => \sprintf(
                '%s<%s>',
                $this->typescript($type->getWrappedType(), $enums),
                implode(', ', array_map(function (Type $one) use (&$enums): string { return $this->typescript($one, $enums); }, $type->getVariableTypes())),
            ),
            $type instanceof TemplateType => $type->getName(),
            $type instanceof BackedEnumType => $this->enum($type, $enums),
            $type instanceof ObjectType => substr(strrchr('\\'.$type->getClassName(), '\\') ?: '', 1),
            $type instanceof UnionType => implode(
                ' | ',
                array_map(function (Type $one) use (&$enums): string {
                    return $this->typescript($one, $enums);
                }, $type->getTypes()),
            ),
            $type instanceof BuiltinType => match ($type->getTypeIdentifier()) {
                TypeIdentifier::INT, TypeIdentifier::FLOAT => 'number',
                TypeIdentifier::STRING => 'string',
                TypeIdentifier::BOOL => 'boolean',
                TypeIdentifier::NULL => 'null',
                default => 'unknown',
            },
            default => 'unknown',
        };
    }

    /**
     * @param BackedEnumType<class-string<\BackedEnum>, BuiltinType<TypeIdentifier::INT>|BuiltinType<TypeIdentifier::STRING>> $type
     * @param array<string, class-string>                                                                                     $enums by short name
     */
    private function enum(BackedEnumType $type, array &$enums): string
    {
        $enum = $type->getClassName();
        \assert(enum_exists($enum));
        $name = (new \ReflectionClass($enum))->getShortName();
        if (($enums[$name] ??= $enum) !== $enum) {
            throw new \LogicException(\sprintf('%s and %s would be one type.', $enums[$name], $enum));
        }

        return $name;
    }

    /** @param class-string $enum */
    private static function union(string $name, string $enum): string
    {
        \assert(is_subclass_of($enum, \BackedEnum::class));
        $cases = array_map(static fn (\BackedEnum $c): string => \is_int($c->value) ? (string) $c->value : \sprintf("'%s'", $c->value), $enum::cases());
        $line = \sprintf("export type %s = %s;\n", $name, implode(' | ', $cases));

        return \strlen($line) <= self::WIDTH
            ? $line
            : \sprintf("export type %s =\n  | %s;\n", $name, wordwrap(implode(' | ', $cases), self::WIDTH - 4, "\n  "));
    }

    private static function bracketed(string $type): string
    {
        return str_contains($type, ' ') ? '('.$type.')' : $type;
    }
}
