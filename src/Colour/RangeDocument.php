<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Colour\File\BadFile;
use KindHeel\App\Shelf\Lot;
use KindHeel\App\Shelf\Product;
use KindHeel\App\Shelf\ProductKind;
use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Dye;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Saunderson;
use KindHeel\Core\Colour\Spectrum;
use Psr\Clock\ClockInterface;

/** A range of paints, dyes and leathers as an open JSON document with its units; what is there already stays as it is. */
final readonly class RangeDocument
{
    private const FULL_ML = 60.0;
    private const UNITS = [
        'K' => 'Kubelka-Munk absorption per coat of 20 micrometres of dry film',
        'S' => 'Kubelka-Munk scattering per coat of 20 micrometres of dry film',
        'k' => 'what one unit coat of the dye at full strength adds to K/S (internal) of the leather, per band',
        'values' => 'measured reflectance as a fraction, specular part excluded',
        'density_g_per_ml' => 'grams a millilitre',
        'solids_volume_fraction' => 'dry film volume / wet volume',
    ];

    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock)
    {
    }

    /**
     * @return array{added: int, known: int}
     *
     * @throws BadFile
     */
    public function take(string $json): array
    {
        $document = json_decode($json, true);
        if (!\is_array($document)) {
            throw new BadFile('This is no range: it is not sound JSON.');
        }
        $bands = $document['bands'] ?? null;
        if (
            !\is_array($bands)
            || [$bands['start'] ?? null, $bands['step'] ?? null, $bands['count'] ?? null] !== [Spectrum::START_NM, Spectrum::STEP_NM, Spectrum::BANDS]
        ) {
            throw new BadFile('A range says its bands: 31, from 400 nm by 10 nm.');
        }
        $madeUp = true === ($document['simulated'] ?? false);
        $origin = $madeUp ? 'made up' : self::text($document, 'name', 'a range') ?? 'a range';
        $found = [];
        foreach (['paints' => ProductKind::Paint, 'dyes' => ProductKind::Dye] as $key => $kind) {
            foreach (self::list($document, $key) as $i => $entry) {
                $found[] = $this->product($entry, $kind, $key.' '.($i + 1), $origin, $madeUp);
            }
        }
        if (isset($document['binder'])) {
            $found[] = Product::colour(
                code: Paint::CLEAR_BINDER,
                name: 'clear binder',
                kind: ProductKind::Binder,
                absorption: array_fill(0, Spectrum::BANDS, 0.0),
                scattering: array_fill(0, Spectrum::BANDS, 0.0),
                densityGPerMl: 1.03,
                solids: 0.3,
                diluent: null,
                origin: $origin,
                madeUp: $madeUp,
            );
        }
        $swatches = [];
        foreach (self::list($document, 'grounds') as $i => $entry) {
            $at = 'grounds '.($i + 1);
            $swatches[] = $this->built(
                $at,
                static fn (): Swatch => new Swatch(
                    self::code($entry, $at),
                    self::text($entry, 'name', $at) ?? '',
                    Spectrum::grid(self::numbers($entry, 'values', $at))->values,
                    $origin,
                ),
            );
        }
        if ([] === $found && [] === $swatches) {
            throw new BadFile('There is neither a paint, a dye nor a leather in this range.');
        }
        $added = $known = 0;
        foreach ([...$found, ...$swatches] as $new) {
            if (null === $this->entities->getRepository($new::class)->findOneBy(['code' => $new->code()])) {
                $this->entities->persist($new);
                if ($new instanceof Product) {
                    $this->entities->persist(new Lot($new, self::FULL_ML, $this->clock->now()));
                }
                ++$added;
            } else {
                ++$known;
            }
        }
        $this->entities->flush();

        return ['added' => $added, 'known' => $known];
    }

    public function write(): string
    {
        $document = [
            'simulated' => false,
            'name' => 'Kind Heel range',
            'bands' => ['start' => Spectrum::START_NM, 'step' => Spectrum::STEP_NM, 'count' => Spectrum::BANDS, 'unit' => 'nm'],
            'units' => self::UNITS,
            'saunderson' => ['k1' => Saunderson::K1, 'k2' => Saunderson::K2, 'convention' => 'specular excluded: Rm = (1-k1)(1-k2) R / (1 - k2 R)'],
            'paints' => [],
            'dyes' => [],
            'grounds' => [],
        ];
        foreach ($this->entities->getRepository(Product::class)->findBy(['kind' => ProductKind::colours()], ['id' => 'ASC']) as $product) {
            $document['simulated'] = $document['simulated'] || $product->isMadeUp();
            $about = ['id' => $product->code(), 'name' => $product->name(), 'density_g_per_ml' => $product->densityGPerMl()];
            match ($product->kind()) {
                ProductKind::Paint => ($document['paints'][] = $about + [
                    'solids_volume_fraction' => $product->solids(),
                    'K' => $product->paint()->absorption,
                    'S' => $product->paint()->scattering,
                ]),
                ProductKind::Dye => ($document['dyes'][] = $about + ['diluent' => $product->diluent(), 'k' => $product->dye()->k]),
                ProductKind::Binder => ($document['binder'] = $about),
                ProductKind::Plain => null,
            };
        }
        foreach ($this->entities->getRepository(Swatch::class)->findBy([], ['id' => 'ASC']) as $swatch) {
            $document['grounds'][] = ['id' => $swatch->code(), 'name' => $swatch->name(), 'values' => $swatch->spectrum()->values];
        }

        return json_encode($document, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES)."\n";
    }

    /** @param array<mixed> $entry */
    private function product(array $entry, ProductKind $kind, string $at, string $origin, bool $madeUp): Product
    {
        return $this->built($at, static function () use ($entry, $kind, $at, $origin, $madeUp): Product {
            $code = self::code($entry, $at);
            $number = static fn (string $key): ?float => is_numeric($entry[$key] ?? null) ? (float) $entry[$key] : null;
            $dye = ProductKind::Dye === $kind;
            $absorption = self::numbers($entry, $dye ? 'k' : 'K', $at);
            $scattering = $dye ? [] : self::numbers($entry, 'S', $at);
            // Whatever the arithmetic would refuse is refused here.
            $dye ? Dye::of($code, $absorption) : Paint::of($code, $absorption, $scattering);

            $product = Product::colour(
                code: $code,
                name: self::text($entry, 'name', $at) ?? $code,
                kind: $kind,
                absorption: $absorption,
                scattering: $scattering,
                densityGPerMl: $number('density_g_per_ml') ?? 1.0,
                solids: $number('solids_volume_fraction'),
                diluent: self::text($entry, 'diluent', $at),
                origin: $origin,
                madeUp: $madeUp,
            );
            if (null !== $number('cents_per_100_ml')) {
                $product->priced((int) $number('cents_per_100_ml'));
            }

            return $product;
        });
    }

    /**
     * @template T
     *
     * @param \Closure(): T $build
     *
     * @return T
     */
    private function built(string $at, \Closure $build): mixed
    {
        try {
            return $build();
        } catch (ColourError $error) {
            throw new BadFile(\sprintf('In %s: %s', $at, $error->getMessage()));
        }
    }

    /**
     * @param array<mixed> $document
     *
     * @return list<array<mixed>>
     */
    private static function list(array $document, string $key): array
    {
        $list = $document[$key] ?? [];
        if (!\is_array($list) || !array_is_list($list)) {
            throw new BadFile(\sprintf('“%s” must be a list.', $key));
        }
        $entries = [];
        foreach ($list as $entry) {
            $entries[] = \is_array($entry) ? $entry : throw new BadFile(\sprintf('“%s” must be a list of objects.', $key));
        }

        return $entries;
    }

    /** @param array<mixed> $entry */
    private static function code(array $entry, string $at): string
    {
        $code = $entry['id'] ?? null;

        return \is_string($code) && 1 === preg_match('/^[a-z0-9][a-z0-9-]{0,39}$/', $code)
            ? $code
            : throw new BadFile(\sprintf('In %s: the id must be small letters, digits and dashes.', $at));
    }

    /** @param array<mixed> $entry */
    private static function text(array $entry, string $key, string $at): ?string
    {
        $text = $entry[$key] ?? null;
        if (null !== $text && !\is_string($text)) {
            throw new BadFile(\sprintf('In %s: “%s” must be a text.', $at, $key));
        }

        return null === $text ? null : mb_substr($text, 0, 80);
    }

    /**
     * @param array<mixed> $entry
     *
     * @return list<float>
     */
    private static function numbers(array $entry, string $key, string $at): array
    {
        $values = $entry[$key] ?? null;
        if (!\is_array($values)) {
            throw new BadFile(\sprintf('In %s: “%s” is missing.', $at, $key));
        }
        $numbers = [];
        foreach ($values as $value) {
            $numbers[] = \is_int($value) || \is_float($value)
                    ? (float) $value
                    : throw new BadFile(\sprintf('In %s: “%s” holds something that is no number.', $at, $key));
        }

        return $numbers;
    }
}
