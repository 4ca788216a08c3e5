<?php

declare(strict_types=1);

namespace KindHeel\App\Compute;

use Brick\Math\BigDecimal;
use KindHeel\Core\Offer\Estimate;
use KindHeel\Core\Offer\Labour;
use KindHeel\Core\Offer\Material;
use KindHeel\Core\Offer\Meaning;
use KindHeel\Core\Offer\Money;
use KindHeel\Core\Offer\Terms;

/** `estimate.price`: what a piece of work costs and how sure that is. */
final readonly class EstimatePrice implements Computation
{
    private const MONEY = 2;
    private const FIGURES = 9;
    private const SHARES = ['material_markup', 'waste', 'overhead', 'rush', 'tax'];
    private const SUMS = ['consumables_per_job', 'minimum', 'round_to'];
    private const MOST_SHARE = 5.0;

    public static function name(): string
    {
        return 'estimate.price';
    }

    public function compute(mixed $input): array
    {
        $read = new Reader();
        $fields = $read->object(
            $input,
            '',
            ['currency', 'labour', 'materials', 'correlation', ...self::SHARES, ...self::SUMS],
            ['replacement_price', 'meaning'],
        ) ?? [];
        if (\array_key_exists('currency', $fields) && (!\is_string($fields['currency']) || 1 !== preg_match('/^[A-Z]{3}$/D', $fields['currency']))) {
            $read->fault('/currency', 'must be three capital letters, such as EUR');
        }
        $labour = $this->each($read, $fields, 'labour', $this->labour(...));
        $materials = $this->each($read, $fields, 'materials', $this->material(...));
        $terms = $this->terms($read, $fields);
        $replacement = isset($fields['replacement_price'])
            ? $read->decimal($fields['replacement_price'], '/replacement_price', self::MONEY, above: true)
            : null;
        $meaning = isset($fields['meaning']) ? $read->choice($fields['meaning'], '/meaning', Meaning::class) : Meaning::Some;
        $read->finish();
        \assert(null !== $meaning);

        return $this->answer($labour, $materials, Estimate::of($labour, $materials, $terms, $replacement, $meaning));
    }

    /**
     * @param list<Labour>   $labour
     * @param list<Material> $materials
     *
     * @return array<string, mixed>
     */
    private function answer(array $labour, array $materials, Estimate $estimate): array
    {
        $sum = $estimate->sum;
        $lines = [];
        foreach ($labour as $i => $line) {
            $lines[] = ['what' => $line->what, 'kind' => 'labour', 'price' => (string) $sum->labour[$i]];
        }
        foreach ($materials as $i => $line) {
            $lines[] = ['what' => $line->what, 'kind' => 'material', 'price' => (string) $sum->materials[$i]];
        }

        return [
            'lines' => $lines,
            'overhead' => (string) $sum->overhead,
            'rush' => (string) $sum->rush,
            'net' => (string) $sum->net,
            'tax' => (string) $sum->tax,
            'rounding' => (string) $sum->rounding,
            'gross' => (string) $sum->gross,
            'low' => (string) $estimate->low,
            'high' => (string) $estimate->high,
            'share_of_replacement' => null === $estimate->shareOfReplacement ? null : (string) $estimate->shareOfReplacement,
            'advice' => $estimate->advice?->value,
        ];
    }

    /**
     * @template T of object
     *
     * @param array<string, mixed>                $fields
     * @param \Closure(Reader, mixed, string): ?T $line
     *
     * @return list<T>
     */
    private function each(Reader $read, array $fields, string $key, \Closure $line): array
    {
        $list = \array_key_exists($key, $fields) ? $read->list($fields[$key], '/'.$key) ?? [] : [];
        $lines = [];
        foreach ($list as $i => $value) {
            $lines[] = $line($read, $value, '/'.$key.'/'.$i);
        }

        return array_values(array_filter($lines, static fn (?object $l): bool => null !== $l));
    }

    private function labour(Reader $read, mixed $value, string $path): ?Labour
    {
        $fields = $read->object($value, $path, ['what', 'minutes', 'cv', 'rate_per_hour']) ?? [];
        $what = $this->what($read, $fields, $path);
        $minutes = \array_key_exists('minutes', $fields) ? $read->number($fields['minutes'], $path.'/minutes', 0.0, Reader::MOST) : null;
        $cv = \array_key_exists('cv', $fields) ? $read->number($fields['cv'], $path.'/cv', 0.0, self::MOST_SHARE) : null;
        $rate = \array_key_exists('rate_per_hour', $fields) ? $read->decimal($fields['rate_per_hour'], $path.'/rate_per_hour', self::MONEY) : null;

        return null === $what || null === $minutes || null === $cv || null === $rate
            ? null
            : new Labour($what, self::figure($minutes), self::figure($cv), $rate);
    }

    private function material(Reader $read, mixed $value, string $path): ?Material
    {
        $fields = $read->object($value, $path, ['what', 'amount', 'pack', 'pack_price']) ?? [];
        $what = $this->what($read, $fields, $path);
        $amount = \array_key_exists('amount', $fields) ? $read->decimal($fields['amount'], $path.'/amount', self::FIGURES) : null;
        $pack = \array_key_exists('pack', $fields) ? $read->decimal($fields['pack'], $path.'/pack', self::FIGURES, above: true) : null;
        $price = \array_key_exists('pack_price', $fields) ? $read->decimal($fields['pack_price'], $path.'/pack_price', self::MONEY) : null;

        return null === $what || null === $amount || null === $pack || null === $price ? null : new Material($what, $amount, $pack, $price);
    }

    /** @param array<string, mixed> $fields */
    private function what(Reader $read, array $fields, string $path): ?string
    {
        if (!\array_key_exists('what', $fields)) {
            return null;
        }
        if (!\is_string($fields['what']) || '' === trim($fields['what'])) {
            $read->fault($path.'/what', 'must be a text');

            return null;
        }

        return $fields['what'];
    }

    /** @param array<string, mixed> $fields */
    private function terms(Reader $read, array $fields): Terms
    {
        $share = static fn (string $key, float $most = self::MOST_SHARE): BigDecimal => (\array_key_exists($key, $fields)
            ? $read->decimal($fields[$key], '/'.$key, self::FIGURES, most: $most)
            : null) ?? BigDecimal::zero();
        $sum = static fn (string $key): BigDecimal => (\array_key_exists($key, $fields)
            ? $read->decimal($fields[$key], '/'.$key, self::MONEY)
            : null) ?? Money::nothing();

        return new Terms(
            markup: $share('material_markup'),
            waste: $share('waste'),
            overhead: $share('overhead'),
            consumables: $sum('consumables_per_job'),
            minimum: $sum('minimum'),
            rush: $share('rush'),
            tax: $share('tax'),
            roundTo: $sum('round_to'),
            correlation: $share('correlation', 1.0),
        );
    }

    /** The decimal figure that stood in the JSON. */
    private static function figure(float $value): BigDecimal
    {
        return BigDecimal::of(json_encode($value, \JSON_THROW_ON_ERROR));
    }
}
