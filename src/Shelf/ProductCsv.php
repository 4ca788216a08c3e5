<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Files\CsvTable;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\FieldError;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** Products and their prices as a table, out and in. A row is of the product whose code it has, or else its name; what is not in the table stays. */
final readonly class ProductCsv
{
    private const HEADS = [
        'code', 'name', 'family', 'shade', 'unit', 'pack', 'price', 'supplier', 'lead days', 'density', 'water', 'not on', 'opened months', 'empty pack g',
        'retired',
    ];
    /** Nothing of a table is written row by row: a thousand at a time are enough for the memory. */
    private const AT_ONCE = 1000;

    public function __construct(private EntityManagerInterface $entities, private ValidatorInterface $validator)
    {
    }

    public function write(): string
    {
        return CsvTable::write(self::HEADS, array_map(
            self::row(...),
            $this->entities->getRepository(Product::class)->findBy([], ['name' => 'ASC', 'id' => 'ASC']),
        ));
    }

    /** What it would change; with `$apply` it does, if no row is faulty. */
    public function read(string $bytes, bool $apply): CsvPreviewView
    {
        [$heads, $rows] = CsvTable::read($bytes);
        foreach (['name'] as $needed) {
            if (!\in_array($needed, $heads, true)) {
                throw new FieldError(
                    'file',
                    \sprintf('The first row has to name the columns, “%s” among them. Known are: %s.', $needed, implode(', ', self::HEADS)),
                );
            }
        }
        $known = $byName = [];
        foreach ($this->entities->getRepository(Product::class)->findAll() as $product) {
            $known[$product->code()] = $product;
            $byName[mb_strtolower($product->name())] = $product;
        }
        $views = [];
        $todo = [];
        $seen = [];
        foreach ($rows as $i => $row) {
            if ('' === implode('', $row)) {
                continue;
            }
            $product = $known[$row['code'] ?? ''] ?? $byName[mb_strtolower($row['name'])] ?? null;
            $key = mb_strtolower($row['name']);
            try {
                $input = $this->input($row, $heads, $product);
                foreach (['name' => $key, 'code' => $product?->code() ?? $row['code'] ?? ''] as $what => $word) {
                    if ('' !== $word && isset($seen[$what][$word])) {
                        throw new FieldError($what, \sprintf('This %s stands in row %d already.', $what, $seen[$what][$word]));
                    }
                    $seen[$what][$word] = $i + 2;
                }
                [$kind, $says] = self::difference($product, $input);
                $todo[] = [$product, $input, $kind, $row['code'] ?? ''];
            } catch (FieldError $error) {
                [$kind, $says] = [CsvRowKind::Faulty, $error->getMessage()];
            }
            $views[] = new CsvRowView($i + 2, $row['name'], $kind, $says);
        }
        $count = static fn (CsvRowKind $kind): int => \count(array_filter($views, static fn (CsvRowView $v): bool => $v->kind === $kind));
        $done = $apply && 0 === $count(CsvRowKind::Faulty);
        if ($done) {
            $this->take($todo, array_keys($known));
        }

        return new CsvPreviewView($count(CsvRowKind::New), $count(CsvRowKind::Changed), $count(CsvRowKind::Same), $count(CsvRowKind::Faulty), $views, $done);
    }

    /**
     * @param list<array{Product|null, ProductInput, CsvRowKind, string}> $todo
     * @param list<string>                                                $codes that are taken
     */
    private function take(array $todo, array $codes): void
    {
        $codes = array_fill_keys($codes, true);
        foreach ($todo as $i => [$product, $input, $kind, $wanted]) {
            if (null !== $product && CsvRowKind::Changed === $kind) {
                $product->change($input);
            } elseif (null === $product) {
                $isTaken = static fn (string $code): bool => isset($codes[$code]);
                $code = 1 === preg_match('/^[a-z0-9][a-z0-9-]{0,39}$/', $wanted) ? $wanted : ProductCode::free($input->name, $isTaken);
                $codes[$code] = true;
                $this->entities->persist(Product::plain($code, $input));
            }
            if (0 === ($i + 1) % self::AT_ONCE) {
                $this->entities->flush();
            }
        }
        $this->entities->flush();
    }

    /**
     * @param array<string, string> $row
     * @param list<string>          $heads
     *
     * @throws FieldError
     */
    private function input(array $row, array $heads, ?Product $product): ProductInput
    {
        $was = $product?->told() ?? new ProductInput($row['name']);
        $has = static fn (string $head): bool => \in_array($head, $heads, true);
        $family = $has('family') && '' !== $row['family'] ? self::family($row['family']) : ($has('family') ? null : $was->family);
        if (null !== $product && ProductKind::Plain !== $product->kind()) {
            $family = $was->family;
        }
        $input = new ProductInput(
            $row['name'],
            $family,
            !$has('shade') ? $was->shade : ('' === $row['shade'] ? null : Shade::named($row['shade']) ?? throw new FieldError(
                'shade',
                \sprintf('“%s” is no shade that is known here.', $row['shade']),
            )),
            !$has('unit') || '' === $row['unit'] ? $family?->family()->unit ?? $was->unit : Unit::tryFrom($row['unit']) ?? throw new FieldError(
                'unit',
                \sprintf('“%s” is no unit: ml, g, m or pcs.', $row['unit']),
            ),
            self::number($row, 'pack', $was->pack) ?? $was->pack,
            !$has('price') ? $was->packCents : self::cents($row['price']),
            $has('supplier') ? $row['supplier'] : $was->supplier,
            (int) (self::number($row, 'lead days', $was->leadDays) ?? $was->leadDays),
            self::number($row, 'density', $was->densityGPerMl) ?? $was->densityGPerMl,
            self::number($row, 'empty pack g', $was->emptyPackG),
            self::number($row, 'water', $was->water),
            $has('not on') ? $row['not on'] : $was->notOn,
            null === ($months = self::number($row, 'opened months', $was->openedMonths)) ? null : (int) $months,
            $has('retired') ? \in_array(mb_strtolower($row['retired']), ['yes', '1', 'true', 'x'], true) : $was->retired,
            $product?->version() ?? 0,
        );
        foreach ($this->validator->validate($input) as $fault) {
            throw new FieldError($fault->getPropertyPath(), (string) $fault->getMessage());
        }
        $measured = $family?->family()->unit;
        if (null !== $measured && $measured !== $input->unit) {
            throw new FieldError('unit', \sprintf('%s is measured in %s.', ucfirst($family->label()), $measured->value));
        }

        return $input;
    }

    /** @throws FieldError */
    private static function family(string $word): FamilyId
    {
        $word = mb_strtolower($word);
        foreach (FamilyId::cases() as $family) {
            if ($family->value === str_replace(' ', '-', $word) || mb_strtolower($family->label()) === $word) {
                return $family;
            }
        }
        throw new FieldError('family', \sprintf('“%s” is no family of product that is known here.', $word));
    }

    /**
     * A figure with a point or a comma.
     *
     * @param array<string, string> $row
     *
     * @throws FieldError
     */
    private static function number(array $row, string $head, float|int|null $was): ?float
    {
        if (!\array_key_exists($head, $row)) {
            return null === $was ? null : (float) $was;
        }
        $text = str_replace([' ', "\u{A0}"], '', $row[$head]);
        if ('' === $text) {
            return null;
        }

        return 1 === preg_match('/^-?\d{1,9}([.,]\d{1,6})?$/', $text)
            ? (float) str_replace(',', '.', $text)
            : throw new FieldError($head, \sprintf('“%s” under “%s” is no number.', $row[$head], $head));
    }

    /** @throws FieldError */
    private static function cents(string $text): ?int
    {
        $plain = str_replace([' ', "\u{A0}"], '', $text);
        if ('' === $plain) {
            return null;
        }
        if (1 !== preg_match('/^(\d{1,7})(?:[.,](\d{1,2}))?$/', $plain, $m)) {
            throw new FieldError('price', \sprintf('“%s” is no price.', $text));
        }

        return 100 * (int) $m[1] + (int) str_pad($m[2] ?? '', 2, '0');
    }

    /** @return array{CsvRowKind, string} */
    private static function difference(?Product $product, ProductInput $input): array
    {
        if (null === $product) {
            return [CsvRowKind::New, ''];
        }
        $was = self::cells($product->told());
        $changes = [];
        foreach (self::cells($input) as $head => $cell) {
            if ($cell !== $was[$head]) {
                $changes[] = \sprintf('%s: %s → %s', $head, '' === $was[$head] ? 'nothing' : $was[$head], '' === $cell ? 'nothing' : $cell);
            }
        }

        return [] === $changes ? [CsvRowKind::Same, ''] : [CsvRowKind::Changed, implode('; ', $changes)];
    }

    /** @return array<string, string> */
    private static function row(Product $product): array
    {
        return ['code' => $product->code()] + self::cells($product->told());
    }

    /** @return array<string, string> by head */
    private static function cells(ProductInput $input): array
    {
        $figure = static fn (?float $n): string => null === $n ? '' : rtrim(rtrim(number_format($n, 4, '.', ''), '0'), '.');

        return [
            'name' => trim($input->name),
            'family' => $input->family->value ?? '',
            'shade' => $input->shade->value ?? '',
            'unit' => $input->unit->value,
            'pack' => $figure($input->pack),
            'price' => null === $input->packCents ? '' : \sprintf('%d.%02d', intdiv($input->packCents, 100), $input->packCents % 100),
            'supplier' => trim($input->supplier),
            'lead days' => (string) $input->leadDays,
            'density' => $figure($input->densityGPerMl),
            'water' => $figure($input->water),
            'not on' => trim($input->notOn),
            'opened months' => (string) $input->openedMonths,
            'empty pack g' => $figure($input->emptyPackG),
            'retired' => $input->retired ? 'yes' : '',
        ];
    }
}
