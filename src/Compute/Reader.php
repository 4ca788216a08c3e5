<?php

declare(strict_types=1);

namespace KindHeel\App\Compute;

use Brick\Math\BigDecimal;

/**
 * Reads decoded JSON and notes every wrong place instead of stopping at the first.
 *
 * A value that is wrong reads as null; {@see finish()} throws when there was any.
 */
final class Reader
{
    /** Nothing that is measured here is larger, nor smaller than its inverse. */
    public const MOST = 1e6;

    /** @var list<array{path: string, message: string}> */
    private array $errors = [];

    /**
     * @param list<string> $required
     * @param list<string> $optional
     *
     * @return array<string, mixed>|null null when it is no object
     */
    public function object(mixed $value, string $path, array $required, array $optional = []): ?array
    {
        if (!$value instanceof \stdClass) {
            $this->fault($path, 'must be an object');

            return null;
        }
        /** @var array<string, mixed> $fields */
        $fields = get_object_vars($value);
        foreach ($required as $key) {
            if (!\array_key_exists($key, $fields)) {
                $this->fault($path.'/'.$key, 'is missing');
            }
        }
        foreach (array_keys($fields) as $key) {
            if (!\in_array($key, $required, true) && !\in_array($key, $optional, true)) {
                $this->fault($path.'/'.self::escape((string) $key), 'is not known here');
            }
        }

        return $fields;
    }

    /** @return list<mixed>|null */
    public function list(mixed $value, string $path, int $atLeast = 0): ?array
    {
        if (!\is_array($value)) {
            $this->fault($path, 'must be a list');

            return null;
        }
        if (\count($value) < $atLeast) {
            $this->fault($path, \sprintf('must have at least %d', $atLeast));

            return null;
        }

        return array_values($value);
    }

    public function number(mixed $value, string $path, ?float $min = null, ?float $max = null, bool $above = false): ?float
    {
        if (!\is_int($value) && !\is_float($value) || \is_float($value) && !is_finite($value)) {
            $this->fault($path, 'must be a number');

            return null;
        }
        $number = (float) $value;
        if (null !== $min && ($above ? $number <= $min : $number < $min)) {
            $this->fault($path, \sprintf($above ? 'must be above %s' : 'must be at least %s', self::figure($min)));

            return null;
        }
        if (null !== $max && $number > $max) {
            $this->fault($path, \sprintf('must be at most %s', self::figure($max)));

            return null;
        }

        return $number;
    }

    public function whole(mixed $value, string $path, int $min, int $max): ?int
    {
        $number = $this->number($value, $path, $min, $max);
        if (null !== $number && floor($number) !== $number) {
            $this->fault($path, 'must be a whole number');

            return null;
        }

        return null === $number ? null : (int) $number;
    }

    /**
     * A field that is a size; null too where it is not there, which {@see object()} has noted already.
     *
     * @param array<string, mixed>|null $fields
     */
    public function size(?array $fields, string $key): ?float
    {
        return \array_key_exists($key, $fields ?? []) ? $this->sizeAt($fields[$key] ?? null, '/'.$key) : null;
    }

    /** What is measured: above 0, and neither smaller nor larger than makes sense here. */
    public function sizeAt(mixed $value, string $path): ?float
    {
        $size = $this->number($value, $path, 0.0, self::MOST, above: true);
        if (null !== $size && $size < 1.0 / self::MOST) {
            $this->fault($path, 'is too small to be measured');

            return null;
        }

        return $size;
    }

    /** Money, a share or an amount as a decimal text such as "16.80", never below 0. */
    public function decimal(mixed $value, string $path, int $places, bool $above = false, ?float $most = null): ?BigDecimal
    {
        if (!\is_string($value) || 1 !== preg_match('/^-?\d{1,15}(\.\d+)?$/D', $value)) {
            $this->fault($path, 'must be a decimal text such as "16.80"');

            return null;
        }
        $figure = BigDecimal::of($value);
        $wrong = match (true) {
            $figure->getScale() > $places => \sprintf('must have at most %d decimal places', $places),
            $figure->isNegative() => 'must not be below 0',
            $above && $figure->isZero() => 'must be above 0',
            null !== $most && $figure->toFloat() > $most => 'must be at most '.self::figure($most),
            default => null,
        };
        if (null !== $wrong) {
            $this->fault($path, $wrong);

            return null;
        }

        return $figure;
    }

    public function boolean(mixed $value, string $path): ?bool
    {
        if (!\is_bool($value)) {
            $this->fault($path, 'must be true or false');

            return null;
        }

        return $value;
    }

    /** An RFC 3339 time with its offset. */
    public function time(mixed $value, string $path): ?\DateTimeImmutable
    {
        $sound = \is_string($value) && 1 === preg_match('/^\d{4}-\d\d-\d\d[Tt]\d\d:\d\d:\d\d(\.\d{1,9})?([Zz]|[+-]\d\d:\d\d)$/', $value);
        if ($sound) {
            // PHP keeps microseconds; further digits are cut.
            $text = strtoupper((string) preg_replace('/(\.\d{6})\d+/', '$1', $value));
            $at = \DateTimeImmutable::createFromFormat(str_contains($text, '.') ? 'Y-m-d\TH:i:s.uP' : 'Y-m-d\TH:i:sP', $text);
            if (false !== $at && false === \DateTimeImmutable::getLastErrors()) {
                return $at;
            }
        }
        $this->fault($path, 'must be a time such as 2026-03-02T10:00:00+00:00');

        return null;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function choice(mixed $value, string $path, string $enum): ?\BackedEnum
    {
        $case = \is_string($value) ? $enum::tryFrom($value) : null;
        if (null === $case) {
            $this->fault($path, 'must be one of '.implode(', ', array_map(static fn (\BackedEnum $c): string => (string) $c->value, $enum::cases())));
        }

        return $case;
    }

    public function fault(string $path, string $message): void
    {
        $this->errors[] = ['path' => $path, 'message' => $message];
    }

    /** @throws InputErrors when anything was wrong */
    public function finish(): void
    {
        if ([] !== $this->errors) {
            throw new InputErrors($this->errors);
        }
    }

    /** RFC 6901, section 3. */
    public static function escape(string $key): string
    {
        return str_replace(['~', '/'], ['~0', '~1'], $key);
    }

    private static function figure(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}
