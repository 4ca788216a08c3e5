<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Quantity;

use KindHeel\App\Compute\Computation;
use KindHeel\App\Compute\Reader;
use KindHeel\Core\Quantity\CardView;
use KindHeel\Core\Text\FieldError;

/** `quantity.area`: a part measured on a picture in which a card of known size lies beside it. */
final readonly class QuantityArea implements Computation
{
    private const MM2_PER_DM2 = 10000.0;

    public static function name(): string
    {
        return 'quantity.area';
    }

    public function compute(mixed $input): array
    {
        $read = new Reader();
        $fields = $read->object($input, '', ['outline', 'card', 'card_mm', 'picture']) ?? [];
        $outline = \array_key_exists('outline', $fields) ? $this->points($read, $fields['outline'], '/outline', 3) : null;
        $card = \array_key_exists('card', $fields) ? $this->points($read, $fields['card'], '/card', 4) : null;
        $mm = \array_key_exists('card_mm', $fields) ? $this->pair($read, $fields['card_mm'], '/card_mm', above: true) : null;
        $picture = \array_key_exists('picture', $fields) ? $this->pair($read, $fields['picture'], '/picture', above: true) : null;
        $measured = null;
        try {
            $view = null === $card || null === $mm || null === $picture ? null : CardView::of($card, $mm, $picture);
            $measured = null === $outline ? null : $view?->outline($outline);
        } catch (FieldError $error) {
            $read->fault('/'.$error->field, $error->getMessage());
        }
        $read->finish();
        \assert(isset($view, $measured));
        $caution = $view->caution();

        return [
            'area_dm2' => round($measured->area() / self::MM2_PER_DM2, 3),
            'perimeter_mm' => round($measured->perimeter(), 1),
            'tilt_deg' => round($view->tiltDeg(), 2),
            ...null === $caution ? [] : ['warning' => $caution],
        ];
    }

    /** @return list<array{float, float}>|null */
    private function points(Reader $read, mixed $value, string $path, int $atLeast): ?array
    {
        $list = $read->list($value, $path, $atLeast);
        if (null === $list) {
            return null;
        }
        $points = [];
        foreach ($list as $i => $entry) {
            $point = $this->pair($read, $entry, $path.'/'.$i, above: false);
            if (null !== $point) {
                $points[] = $point;
            }
        }

        return \count($points) === \count($list) ? $points : null;
    }

    /** @return array{float, float}|null */
    private function pair(Reader $read, mixed $value, string $path, bool $above): ?array
    {
        $list = $read->list($value, $path);
        if (null === $list) {
            return null;
        }
        if (2 !== \count($list)) {
            $read->fault($path, 'must be two numbers');

            return null;
        }
        [$one, $two] = array_map(
            static fn (int $k): ?float => $above
                ? $read->sizeAt($list[$k], $path.'/'.$k)
                : $read->number($list[$k], $path.'/'.$k, -Reader::MOST, Reader::MOST),
            [0, 1],
        );

        return null === $one || null === $two ? null : [$one, $two];
    }
}
