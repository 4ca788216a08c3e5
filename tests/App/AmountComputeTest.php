<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Compute\Computation;
use KindHeel\App\Compute\EstimatePrice;
use KindHeel\App\Compute\InputErrors;
use KindHeel\App\Compute\Quantity\QuantityArea;
use KindHeel\App\Compute\Quantity\QuantityDilution;
use KindHeel\App\Compute\Quantity\QuantityNeed;
use KindHeel\App\Compute\Quantity\QuantityThread;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Amounts and prices as a script asks for them. */
final class AmountComputeTest extends TestCase
{
    private const NEED = ['area_dm2' => 21.0, 'use_per_m2' => 90, 'coats' => 2, 'applicator' => 'airbrush'];
    private const THREAD = ['seam_mm' => 120, 'stitch_mm' => 4, 'thickness_mm' => 3.2, 'tail_mm' => 200];
    private const AREA = [
        'outline' => [[400, 300], [1500, 320], [1450, 1200], [420, 1150]],
        'card' => [[1700, 900], [2010, 930], [2000, 1140], [1690, 1100]],
        'card_mm' => [85, 55],
        'picture' => [2400, 1600],
    ];
    private const PRICE = [
        'currency' => 'EUR',
        'labour' => [['what' => 'clean and feed', 'minutes' => 42, 'cv' => 0.25, 'rate_per_hour' => '54.00']],
        'materials' => [['what' => 'leather paint', 'amount' => '23.4', 'pack' => '100', 'pack_price' => '16.80']],
        'material_markup' => '0.30', 'waste' => '0.10', 'overhead' => '0.15', 'consumables_per_job' => '2.50', 'minimum' => '25.00',
        'rush' => '0.00', 'tax' => '0.19', 'round_to' => '0.50', 'correlation' => '0.3',
    ];

    public function testNeed(): void
    {
        $all = self::NEED + ['kept_back' => 0.2, 'drop_ml' => 0.045, 'pack' => 50, 'on_hand' => 12.5];
        self::assertSame(['need' => 81.6, 'drops' => 1814, 'packs' => 2, 'short' => 69.1], $this->compute(new QuantityNeed(), $all));
        self::assertSame(
            ['need' => 68.0, 'drops' => null, 'packs' => null, 'short' => null],
            $this->compute(new QuantityNeed(), self::NEED + ['drop_ml' => null, 'pack' => null, 'on_hand' => null]),
        );
    }

    public function testThreadDilutionAndArea(): void
    {
        self::assertSame(['stitches' => 30, 'thread_mm' => 896.8], $this->compute(new QuantityThread(), self::THREAD));
        self::assertSame(['product' => 4.0, 'water' => 16.0, 'total' => 20.0], $this->compute(new QuantityDilution(), ['parts' => [1, 4], 'total' => 20]));
        self::assertSame(['product' => 3.0, 'water' => 12.0, 'total' => 15.0], $this->compute(new QuantityDilution(), ['parts' => [1, 4], 'water' => 12]));
        self::assertSame(['area_dm2' => 10.957, 'perimeter_mm' => 1350.5, 'tilt_deg' => 26.56], $this->compute(new QuantityArea(), self::AREA));
        $steep = $this->compute(new QuantityArea(), ['card' => [[1700, 1000], [2010, 1000], [1950, 1100], [1760, 1100]]] + self::AREA);
        self::assertIsString($steep['warning'] ?? null);
    }

    public function testPrice(): void
    {
        $price = $this->compute(new EstimatePrice(), self::PRICE + ['replacement_price' => '240.00', 'meaning' => 'dear']);
        self::assertSame([
            ['what' => 'clean and feed', 'kind' => 'labour', 'price' => '37.80'],
            ['what' => 'leather paint', 'kind' => 'material', 'price' => '5.62'],
        ], $price['lines'] ?? null);
        self::assertSame(
            ['51.59', '9.80', '0.11', '61.50', '45.00', '78.00', '0.26', 'worth-it'],
            array_values(array_intersect_key($price, array_flip(['net', 'tax', 'rounding', 'gross', 'low', 'high', 'share_of_replacement', 'advice']))),
        );
        $none = $this->compute(new EstimatePrice(), self::PRICE + ['replacement_price' => null, 'meaning' => null]);
        self::assertSame([null, null], [$none['share_of_replacement'], $none['advice']]);
    }

    /** @return iterable<string, array{Computation, array<string, mixed>, list<string>}> */
    public static function wrong(): iterable
    {
        $need = new QuantityNeed();
        yield 'nothing asked' => [$need, [], ['/area_dm2', '/use_per_m2', '/coats', '/applicator']];
        yield 'no size' => [$need, ['area_dm2' => 0, 'use_per_m2' => -1, 'coats' => 1.5, 'applicator' => 'broom', 'pack' => 0, 'drop_ml' => 0] + self::NEED, [
            '/area_dm2', '/use_per_m2', '/coats', '/applicator', '/pack', '/drop_ml',
        ]];
        yield 'carried by nothing, below nothing' => [$need, ['applicator' => 'none', 'kept_back' => -0.1, 'on_hand' => -1, 'shelf' => 1] + self::NEED, [
            '/applicator', '/kept_back', '/on_hand', '/shelf',
        ]];
        yield 'a seam of nothing' => [new QuantityThread(), ['seam_mm' => 0, 'stitch_mm' => 0, 'thickness_mm' => -1, 'tail_mm' => -1], [
            '/seam_mm', '/stitch_mm', '/thickness_mm', '/tail_mm',
        ]];
        $dilution = new QuantityDilution();
        yield 'none of the choices' => [$dilution, ['parts' => [1, 4]], ['/total']];
        yield 'two of them' => [$dilution, ['parts' => [1, 4], 'total' => 20, 'water' => 5], ['/water']];
        yield 'three parts' => [$dilution, ['parts' => [1, 4, 2], 'total' => 0], ['/parts', '/total']];
        yield 'no part' => [$dilution, ['parts' => [0, -4], 'product' => 1], ['/parts/0', '/parts/1']];
        $area = new QuantityArea();
        $crossed = [[0, 0], [9, 9], [9, 0], [0, 9]];
        yield 'an eight' => [$area, ['outline' => $crossed] + self::AREA, ['/outline']];
        yield 'two points and no card' => [$area, ['outline' => [[0, 0], [9, 9]], 'card' => $crossed] + self::AREA, ['/outline', '/card']];
        yield 'no points' => [$area, ['outline' => [[0], [9, 'x'], 3], 'card_mm' => [85, 0], 'picture' => [0]] + self::AREA, [
            '/outline/0', '/outline/1/1', '/outline/2', '/card_mm/1', '/picture',
        ]];
        $senseless = ['area_dm2' => 1e308, 'use_per_m2' => 1e-300, 'coats' => 5000, 'kept_back' => 1e9, 'on_hand' => 1e300];
        yield 'beyond all sense' => [$need, $senseless + self::NEED, [
            '/area_dm2', '/use_per_m2', '/coats', '/kept_back', '/on_hand',
        ]];
        yield 'pixels beyond all sense' => [$area, ['outline' => [[400, 300], [1e300, 320], [1450, -1e300]], 'card_mm' => [1e200, 55]] + self::AREA, [
            '/outline/1/0', '/outline/2/1', '/card_mm/0',
        ]];
        $price = new EstimatePrice();
        $noMoney = ['minimum' => '25,00', 'tax' => 0.19, 'round_to' => '0.505', 'overhead' => '-0.1', 'waste' => '5.01'];
        yield 'money that is none' => [$price, $noMoney + self::PRICE, [
            '/minimum', '/tax', '/round_to', '/overhead', '/waste',
        ]];
        yield 'lines that are none' => [
            $price,
            [
                'labour' => [['what' => '', 'minutes' => -1, 'cv' => '0.2', 'rate_per_hour' => '-54.00'], 3],
                'materials' => [['what' => 'x', 'amount' => '-1', 'pack' => '0', 'pack_price' => '1.234', 'colour' => 'red']],
            ] + self::PRICE,
            [
                '/labour/0/what', '/labour/0/minutes', '/labour/0/cv', '/labour/0/rate_per_hour', '/labour/1', '/materials/0/amount', '/materials/0/pack',
                '/materials/0/pack_price', '/materials/0/colour',
            ],
        ];
        yield 'no worth' => [$price, ['replacement_price' => '0.00', 'meaning' => 'much', 'currency' => 'euro', 'correlation' => '1.1'] + self::PRICE, [
            '/replacement_price', '/meaning', '/currency', '/correlation',
        ]];
    }

    /**
     * @param array<string, mixed> $input
     * @param list<string>         $pointers
     */
    #[DataProvider('wrong')]
    public function testWrongInputNamesEveryWrongPlace(Computation $computation, array $input, array $pointers): void
    {
        try {
            $this->compute($computation, $input);
            self::fail('It was answered.');
        } catch (InputErrors $wrong) {
            self::assertEqualsCanonicalizing($pointers, array_column($wrong->errors, 'path'));
        }
    }

    /**
     * @param array<string, mixed> $input
     *
     * @return array<string, mixed>
     */
    private function compute(Computation $computation, array $input): array
    {
        return $computation->compute(json_decode(json_encode([] === $input ? new \stdClass() : $input, \JSON_THROW_ON_ERROR), flags: \JSON_THROW_ON_ERROR));
    }
}
