<?php

declare(strict_types=1);

namespace KindHeel\Tests\Support;

use Symfony\Component\PropertyInfo\Extractor\PhpStanExtractor;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\BackedEnumType;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\Type\UnionType;
use Symfony\Component\TypeInfo\TypeIdentifier;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolver;

/**
 * An answer as the view that the API promises. It does what Symfony's denormalizer does, and reads what a view is made of once instead of for each answer:
 * of the time that the stories of the API take, that was more than a third.
 */
final class Answered
{
    /** @var array<class-string, array<string, array{\Closure(mixed): mixed, bool}>> how each argument is read, and whether it may be missing, by its name */
    private static array $classes = [];

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws \UnexpectedValueException where it does not fit: something is missing, too much, or of another type
     */
    public static function as(string $class, mixed $json): object
    {
        $arguments = self::$classes[$class] ??= self::arguments($class);
        if (!\is_array($json)) {
            throw new \UnexpectedValueException($class.' is made of more than '.get_debug_type($json));
        }
        $values = [];
        foreach ($arguments as $name => [$read, $mayBeMissing]) {
            if (!\array_key_exists($name, $json)) {
                if ($mayBeMissing) {
                    continue;
                }
                throw new \UnexpectedValueException("$class needs “{$name}”, which was not answered.");
            }
            try {
                $values[$name] = $read($json[$name]);
            } catch (\UnexpectedValueException|\ValueError $e) {
                throw new \UnexpectedValueException("$class, $name: ".$e->getMessage(), 0, $e);
            }
        }
        if ([] !== $more = array_diff_key($json, $arguments)) {
            throw new \UnexpectedValueException("$class knows nothing of “".implode('”, “', array_keys($more)).'”.');
        }

        return new $class(...$values);
    }

    /**
     * @param class-string $class
     *
     * @return array<string, array{\Closure(mixed): mixed, bool}>
     */
    private static function arguments(string $class): array
    {
        $told = new PhpStanExtractor();
        $arguments = [];
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $type = $told->getTypeFromConstructor($class, $parameter->getName())
                ?? $told->getType($class, $parameter->getName())
                ?? TypeResolver::create()->resolve($parameter);
            $arguments[$parameter->getName()] = [self::reader($type), $parameter->isOptional()];
        }

        return $arguments;
    }

    /** @return \Closure(mixed): mixed */
    private static function reader(Type $type): \Closure
    {
        if ($type instanceof NullableType) {
            $read = self::reader($type->getWrappedType());

            return static fn (mixed $v): mixed => null === $v ? null : $read($v);
        }
        if ($type instanceof UnionType) {
            $reads = array_map(self::reader(...), $type->getTypes());

            return static function (mixed $v) use ($reads, $type): mixed {
                foreach ($reads as $read) {
                    try {
                        return $read($v);
                    } catch (\UnexpectedValueException|\ValueError) {
                    }
                }
                throw new \UnexpectedValueException(get_debug_type($v)." is none of $type");
            };
        }
        if ($type instanceof CollectionType) {
            $read = self::reader($type->getCollectionValueType());

            return static fn (mixed $v): array => \is_array($v) ? array_map($read, $v) : throw new \UnexpectedValueException(get_debug_type($v).' is no list');
        }
        if ($type instanceof BackedEnumType) {
            $enum = $type->getClassName();

            return static fn (mixed $v): mixed => \is_string($v) || \is_int($v)
                ? $enum::from($v)
                : throw new \UnexpectedValueException(get_debug_type($v)." is no $enum");
        }
        if ($type instanceof ObjectType) {
            $class = $type->getClassName();
            class_exists($class) || throw new \LogicException("$class is no class.");

            return static fn (mixed $v): object => self::as($class, $v);
        }
        if ($type instanceof BuiltinType) {
            return self::plain($type);
        }
        throw new \LogicException("Nobody has said how $type is read.");
    }

    /**
     * @param BuiltinType<TypeIdentifier> $type
     *
     * @return \Closure(mixed): mixed
     */
    private static function plain(BuiltinType $type): \Closure
    {
        // JSON knows no difference between 2 and 2.0.
        return static fn (mixed $v): mixed => match (true) {
            TypeIdentifier::FLOAT === $type->getTypeIdentifier() && \is_int($v) => (float) $v,
            $type->accepts($v) => $v,
            default => throw new \UnexpectedValueException(get_debug_type($v)." is no $type"),
        };
    }
}
