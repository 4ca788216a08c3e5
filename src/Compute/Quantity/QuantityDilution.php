<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Quantity;

use KindHeel\App\Compute\Computation;
use KindHeel\App\Compute\Reader;
use KindHeel\Core\Quantity\Dilution;

/** `quantity.dilution`: how much of each for this bucket. */
final readonly class QuantityDilution implements Computation
{
    private const CHOICES = ['total', 'product', 'water'];

    public static function name(): string
    {
        return 'quantity.dilution';
    }

    public function compute(mixed $input): array
    {
        $read = new Reader();
        $fields = $read->object($input, '', ['parts'], self::CHOICES) ?? [];
        $parts = \array_key_exists('parts', $fields) ? $this->parts($read, $fields['parts']) : null;
        $given = array_values(array_filter(self::CHOICES, static fn (string $key): bool => \array_key_exists($key, $fields)));
        foreach (\array_slice($given, 1) as $key) {
            $read->fault('/'.$key, 'is given beside another; give one of total, product and water');
        }
        if ([] === $given && $input instanceof \stdClass) {
            $read->fault('/total', 'is missing, and so are product and water');
        }
        $choice = $given[0] ?? null;
        $amount = null === $choice ? null : $read->size($fields, $choice);
        $read->finish();
        \assert(null !== $parts && null !== $amount);
        $mix = match ($choice) {
            'product' => $parts->product($amount),
            'water' => $parts->water($amount),
            default => $parts->total($amount),
        };

        return array_map(static fn (float $ml): float => round($ml, 6), ['product' => $mix->product, 'water' => $mix->water, 'total' => $mix->total()]);
    }

    private function parts(Reader $read, mixed $value): ?Dilution
    {
        $list = $read->list($value, '/parts');
        if (null === $list) {
            return null;
        }
        if (2 !== \count($list)) {
            $read->fault('/parts', 'must be two: parts of product and parts of water');

            return null;
        }
        $product = $read->sizeAt($list[0], '/parts/0');
        $water = $read->sizeAt($list[1], '/parts/1');

        return null === $product || null === $water ? null : new Dilution($product, $water);
    }
}
