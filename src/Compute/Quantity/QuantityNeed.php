<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Quantity;

use KindHeel\App\Compute\Computation;
use KindHeel\App\Compute\Reader;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Quantity\Need;

/** `quantity.need`: what is taken from the shelf for the coats of a part. */
final readonly class QuantityNeed implements Computation
{
    private const MOST_COATS = 100;
    private const MOST_KEPT = 10.0;

    public static function name(): string
    {
        return 'quantity.need';
    }

    public function compute(mixed $input): array
    {
        $read = new Reader();
        $fields = $read->object($input, '', ['area_dm2', 'use_per_m2', 'coats', 'applicator'], ['kept_back', 'drop_ml', 'pack', 'on_hand']);
        $area = $read->size($fields, 'area_dm2');
        $use = $read->size($fields, 'use_per_m2');
        $coats = \array_key_exists('coats', $fields ?? []) ? $read->whole($fields['coats'] ?? null, '/coats', 1, self::MOST_COATS) : null;
        $applicator = \array_key_exists('applicator', $fields ?? []) ? $this->applicator($read, $fields['applicator'] ?? null) : null;
        $kept = \array_key_exists('kept_back', $fields ?? []) ? $read->number($fields['kept_back'] ?? null, '/kept_back', 0.0, self::MOST_KEPT) : 0.0;
        $drop = isset($fields['drop_ml']) ? $read->size($fields, 'drop_ml') : null;
        $pack = isset($fields['pack']) ? $read->size($fields, 'pack') : null;
        $onHand = isset($fields['on_hand']) ? $read->number($fields['on_hand'], '/on_hand', 0.0, Reader::MOST) : null;
        $read->finish();
        \assert(null !== $area && null !== $use && null !== $coats && null !== $applicator && null !== $kept);
        $need = Need::of($area, $use, $coats, $applicator->transfer(), $applicator->potLossMl(), $kept);

        return [
            'need' => round($need->amount(), 6),
            'drops' => null === $drop ? null : $need->drops($drop),
            'packs' => null === $pack ? null : $need->packs($pack, $onHand ?? 0.0),
            'short' => null === $onHand ? null : round($need->short($onHand), 6),
        ];
    }

    private function applicator(Reader $read, mixed $value): ?Applicator
    {
        $applicator = $read->choice($value, '/applicator', Applicator::class);
        if (Applicator::None === $applicator) {
            $read->fault('/applicator', 'must carry the product to the leather');
        }

        return $applicator;
    }
}
