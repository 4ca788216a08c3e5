<?php

declare(strict_types=1);

namespace KindHeel\Tests\Support;

use Random\Randomizer;
use Symfony\Component\PropertyInfo\PropertyInfoExtractorInterface;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\TypeIdentifier;

/** Bodies for an `…Input` class: right in their shape, until one or two places in them are not. */
final readonly class RandomInput
{
    private const WORDS = [
        '', 'toe', 'vamp', 'quarter', 'whole/front', 'pigmented', 'derby', 'low-shoe/derby', 'cleaning', 'Mirela Sand', '2026-03-06T18:00',
        '2026-03-02T09:05:00Z',
        '2026-03-07', '09:00', '17:30', '#7a4b2a', 'a1', 'conditioner', 'pigment', 'satin', 'The shoes that are too small', '5', 'sponge', 'titanium-white',
        'clean', '1',
    ];

    public function __construct(private Randomizer $random, private PropertyInfoExtractorInterface $properties)
    {
    }

    /**
     * @param class-string         $class
     * @param array<string, mixed> $known values for names that stand for something stored
     *
     * @return array<string, mixed>
     */
    public function body(string $class, array $known): array
    {
        $body = [];
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $name = $parameter->getName();
            if ($this->random->getInt(0, 99) < ($parameter->isOptional() ? 30 : 98)) {
                $type = $this->properties->getType($class, $name);
                $body[$name] = \array_key_exists($name, $known) && $this->random->getInt(0, 19) > 0 ? $known[$name] : $this->value($type, $known, 0);
            }
        }

        return $body;
    }

    /** The same with something in it that nobody should send. */
    public function spoil(mixed $value): mixed
    {
        if (!\is_array($value) || [] === $value || 0 === $this->random->getInt(0, 5)) {
            return $this->junk();
        }
        $keys = array_keys($value);
        $key = $keys[$this->random->getInt(0, \count($keys) - 1)];
        $value[$key] = $this->spoil($value[$key]);

        return $value;
    }

    public function junk(): mixed
    {
        $junk = [
            null, true, false, '', ' ', "\0", "a\0b", "\u{202E}gnitsrevni", "\u{1F9F5}", str_repeat('leather ', 800), str_repeat('[', 300), -1, 0, 1, 7,
            99999999999,
            \PHP_INT_MAX, \PHP_INT_MIN, 0.5, -0.0, 1e308, -1e308, 5e-324, 1e19, '12', '1e3', '0x1A', 'NaN', 'INF', [], [[]], [[[[[[[[1]]]]]]]], ['a' => 1],
            [1, 'a', null],
            [null], new \stdClass(), '2026-13-45T99:99', '2026-03-29T02:30', '9999-12-31T23:59:59Z', '-0001-01-01T00:00', '0000-00-00', 'tomorrow',
            '@99999999999999',
            "2026-03-06\0T18:00", '2026-03-06T18:00+99:99', '24:00', '-1:00', '../../etc/passwd', '%00', "'; DROP TABLE piece; --", '<b>',
            "\r\nSet-Cookie: a=b",
            array_fill(0, 200, 1), array_fill(0, 60, ['part' => 'toe']), 'low-shoe/derby', 'whole', 'left', 0.1 + 0.2, 2147483648, -2147483649, 4294967296,
        ];

        return $junk[$this->random->getInt(0, \count($junk) - 1)];
    }

    /** @param array<string, mixed> $known */
    private function value(?Type $type, array $known, int $depth): mixed
    {
        if (null === $type || $depth > 5) {
            return $this->junk();
        }
        if ($type instanceof Type\NullableType) {
            return 0 === $this->random->getInt(0, 2) ? null : $this->value($type->getWrappedType(), $known, $depth);
        }
        if ($type instanceof Type\UnionType) {
            $types = $type->getTypes();

            return $this->value($types[$this->random->getInt(0, \count($types) - 1)], $known, $depth);
        }
        if ($type instanceof Type\CollectionType) {
            $many = $this->random->getInt(0, 4);
            $values = [];
            for ($n = 0; $n < $many; ++$n) {
                $values[] = $this->value($type->getCollectionValueType(), $known, $depth + 1);
            }
            if ($type->isList()) {
                return $values;
            }

            return array_combine(array_map(fn (): string|int => $type->getCollectionKeyType()->isIdentifiedBy(TypeIdentifier::INT)
                ? $this->random->getInt(0, 9) : $this->word(), $values), $values);
        }
        if ($type instanceof Type\BackedEnumType) {
            $class = $type->getClassName();
            $cases = is_subclass_of($class, \BackedEnum::class) ? $class::cases() : [];

            return [] === $cases ? null : $cases[$this->random->getInt(0, \count($cases) - 1)]->value;
        }
        if ($type instanceof Type\ObjectType) {
            $class = $type->getClassName();

            return class_exists($class) ? $this->body($class, $known) : $this->junk();
        }
        $number = $this->random->getInt(0, 60);

        return match (true) {
            $type->isIdentifiedBy(TypeIdentifier::INT) => $number,
            $type->isIdentifiedBy(TypeIdentifier::FLOAT) => $number / 4,
            $type->isIdentifiedBy(TypeIdentifier::BOOL) => 0 === $number % 2,
            $type->isIdentifiedBy(TypeIdentifier::STRING) => $this->word(),
            default => $this->junk(),
        };
    }

    private function word(): string
    {
        return self::WORDS[$this->random->getInt(0, \count(self::WORDS) - 1)];
    }
}
