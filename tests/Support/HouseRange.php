<?php

declare(strict_types=1);

namespace KindHeel\Tests\Support;

use KindHeel\Core\Colour\Dye;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Spectrum;

/**
 * The made-up range of paints, dyes and leathers that the demo ships.
 *
 * @phpstan-type Range array{paints: list<array{id: string, K: list<float>, S: list<float>}>,
 *     dyes: list<array{id: string, k: list<float>}>, grounds: list<array{id: string, values: list<float>}>}
 */
final class HouseRange
{
    /** @var Range|null */
    private static ?array $data = null;

    /** @return non-empty-array<string, Paint> by id */
    public static function paints(): array
    {
        $paints = [];
        foreach (self::data()['paints'] as $paint) {
            $paints[$paint['id']] = Paint::of($paint['id'], self::floats($paint['K']), self::floats($paint['S']));
        }

        \assert([] !== $paints);

        return $paints;
    }

    public static function dye(string $id): Dye
    {
        foreach (self::data()['dyes'] as $dye) {
            if ($dye['id'] === $id) {
                return Dye::of($id, self::floats($dye['k']));
            }
        }
        throw new \LogicException($id);
    }

    public static function ground(string $id): Spectrum
    {
        foreach (self::data()['grounds'] as $ground) {
            if ($ground['id'] === $id) {
                return Spectrum::grid(self::floats($ground['values']));
            }
        }
        throw new \LogicException($id);
    }

    /** @return list<array<string, mixed>> as the script interface takes them */
    public static function paintInput(): array
    {
        return array_map(static fn (array $p): array => ['id' => $p['id'], 'K' => $p['K'], 'S' => $p['S']], self::data()['paints']);
    }

    /**
     * Worked cases with their answers.
     *
     * @return array<string, array<string, mixed>>
     */
    public static function vectors(): array
    {
        /** @var array<string, array<string, mixed>> $vectors */
        $vectors = json_decode((string) file_get_contents(__DIR__.'/../data/colour-vectors.json'), true, flags: \JSON_THROW_ON_ERROR);

        return $vectors;
    }

    /**
     * @param array<float|int> $values
     *
     * @return list<float>
     */
    public static function floats(array $values): array
    {
        return array_values(array_map(floatval(...), $values));
    }

    /** @return Range */
    private static function data(): array
    {
        /** @var Range $data */
        $data = self::$data ?? json_decode((string) file_get_contents(__DIR__.'/../../demo/house-range.json'), true, flags: \JSON_THROW_ON_ERROR);

        return self::$data = $data;
    }
}
