<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Offer;

use Brick\Math\BigDecimal;
use KindHeel\Core\Offer\Estimate;
use KindHeel\Core\Offer\Labour;
use KindHeel\Core\Offer\Material;
use KindHeel\Core\Offer\Meaning;
use KindHeel\Core\Offer\Terms;
use KindHeel\Core\Offer\Worth;
use PHPUnit\Framework\TestCase;

/** Money against values worked by hand. */
final class EstimateTest extends TestCase
{
    public function testAPairCleanedAndFed(): void
    {
        $estimate = Estimate::of([self::labour('42', '0.25', '54.00')], [self::paint()], self::terms(), BigDecimal::of('240.00'), Meaning::Dear);
        $sum = $estimate->sum;
        self::assertSame(['37.80', '5.62'], [(string) $sum->labour[0], (string) $sum->materials[0]]);
        self::assertSame(
            ['5.67', '0.00', '51.59', '9.80', '0.11', '61.50'],
            array_map('strval', [$sum->overhead, $sum->rush, $sum->net, $sum->tax, $sum->rounding, $sum->gross]),
        );
        // 42 ± 1.2816 × 10.5 minutes: 25.69 and 49.91 of labour.
        self::assertSame(['45.00', '78.00', '0.26', Worth::WorthIt], [
            (string) $estimate->low, (string) $estimate->high, (string) $estimate->shareOfReplacement, $estimate->advice,
        ]);
    }

    public function testASmallJobInAHurry(): void
    {
        // 4.50 of work, 0.68 overhead (0.675 goes up), 2.50: the minimum; a third more; 7 % of 33.25 is 2.3275.
        $terms = self::terms(['rush' => '0.33', 'tax' => '0.07', 'roundTo' => '0.00']);
        $sum = Estimate::of([self::labour('5', '0', '54.00')], [], $terms)->sum;
        self::assertSame(
            ['0.68', '8.25', '33.25', '2.33', '0.00', '35.58'],
            array_map('strval', [$sum->overhead, $sum->rush, $sum->net, $sum->tax, $sum->rounding, $sum->gross]),
        );
    }

    public function testWhatIsEvenIsNotRoundedUp(): void
    {
        $terms = self::terms(['minimum' => '50.00', 'tax' => '0.00', 'roundTo' => '5.00']);
        $sum = Estimate::of([], [], $terms)->sum;
        self::assertSame(['50.00', '0.00'], [(string) $sum->gross, (string) $sum->rounding]);
    }

    public function testLinesThatVaryTogetherSpreadWider(): void
    {
        // Two of 60 minutes, 15 each: alone 15 × √2 = 21.21 together, in step 30; by the correlation between them.
        $two = [self::labour('60', '0.25', '60.00'), self::labour('60', '0.25', '60.00')];
        $plain = ['overhead' => '0.00', 'tax' => '0.00', 'consumables' => '0.00', 'minimum' => '0.00', 'roundTo' => '0.00'];
        foreach ([['0', '92.81', '147.19'], ['1', '81.56', '158.44'], ['0.3', '89.01', '150.99']] as [$rho, $low, $high]) {
            $estimate = Estimate::of($two, [], self::terms($plain + ['correlation' => $rho]));
            // Each of the two lines is rounded by itself.
            self::assertEqualsWithDelta((float) $low, $estimate->low->toFloat(), 0.011, 'ρ = '.$rho);
            self::assertEqualsWithDelta((float) $high, $estimate->high->toFloat(), 0.011, 'ρ = '.$rho);
        }
    }

    public function testWorkThatVariesMoreThanItTakesNeverPaysTheOwner(): void
    {
        $terms = self::terms(['minimum' => '0.00', 'consumables' => '0.00', 'tax' => '0.00']);
        self::assertSame('0.00', (string) Estimate::of([self::labour('30', '2', '54.00')], [], $terms)->low);
    }

    public function testNoLabourHasNoRange(): void
    {
        $estimate = Estimate::of([], [self::paint()], self::terms());
        self::assertEquals([$estimate->sum->gross, $estimate->sum->gross], [$estimate->low, $estimate->high]);
        self::assertNull($estimate->advice);
    }

    public function testLowIsNeverAboveHighAndTheSumOfWhatIsShownIsWhatIsPaid(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 300; ++$i) {
            $labour = [];
            for ($k = mt_rand(0, 4); $k > 0; --$k) {
                $labour[] = self::labour((string) (mt_rand(1, 2400) / 10), (string) (mt_rand(0, 90) / 100), \sprintf('%.2f', mt_rand(1500, 9000) / 100));
            }
            $terms = self::terms([
                'rush' => (string) (mt_rand(0, 50) / 100), 'tax' => (string) (mt_rand(0, 25) / 100), 'correlation' => (string) (mt_rand(0, 10) / 10),
                'roundTo' => ['0.00', '0.05', '0.50', '1.00', '5.00'][mt_rand(0, 4)],
            ]);
            $estimate = Estimate::of($labour, [self::paint()], $terms);
            $sum = $estimate->sum;
            self::assertTrue($estimate->low->isLessThanOrEqualTo($sum->gross) && $sum->gross->isLessThanOrEqualTo($estimate->high), 'range '.$i);
            self::assertTrue($sum->net->plus($sum->tax)->plus($sum->rounding)->isEqualTo($sum->gross), 'sum '.$i);
            self::assertTrue($terms->roundTo->isZero() || $sum->gross->remainder($terms->roundTo)->isZero(), 'multiple '.$i);
            self::assertTrue($sum->rounding->isLessThan($terms->roundTo->isZero() ? '0.01' : $terms->roundTo), 'no more than a step '.$i);
        }
    }

    public function testWhatItMeansMakesTheAdviceKinderOrHarsher(): void
    {
        $said = [];
        foreach (['0.50', '0.51', '0.90', '0.91'] as $share) {
            foreach ([Meaning::None, Meaning::Some, Meaning::Dear, Meaning::Heirloom] as $meaning) {
                $said[$share][] = Worth::for(BigDecimal::of($share), $meaning);
            }
        }
        [$yes, $think, $aloud] = [Worth::WorthIt, Worth::Think, Worth::SayOutLoud];
        self::assertSame([
            '0.50' => [$think, $yes, $yes, $yes],
            '0.51' => [$aloud, $think, $think, $yes],
            '0.90' => [$aloud, $think, $think, $yes],
            '0.91' => [$aloud, $aloud, $aloud, $think],
        ], $said);
    }

    private static function labour(string $minutes, string $cv, string $rate): Labour
    {
        return new Labour('clean and feed', BigDecimal::of($minutes), BigDecimal::of($cv), BigDecimal::of($rate));
    }

    private static function paint(): Material
    {
        return new Material('leather paint', BigDecimal::of('23.4'), BigDecimal::of('100'), BigDecimal::of('16.80'));
    }

    /** @param array<string, string> $other */
    private static function terms(array $other = []): Terms
    {
        return new Terms(...array_map(BigDecimal::of(...), $other + [
            'markup' => '0.30', 'waste' => '0.10', 'overhead' => '0.15', 'consumables' => '2.50', 'minimum' => '25.00', 'rush' => '0.00', 'tax' => '0.19',
            'roundTo' => '0.50', 'correlation' => '0.3',
        ]));
    }
}
