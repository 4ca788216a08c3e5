<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Drying;

use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\TypedAir;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TypedAirTest extends TestCase
{
    #[TestWith([28.0, 0.75, null])]
    #[TestWith([12.0, 0.25, null])]
    #[TestWith([28.5, 0.5, 'That is 9 °C away'])]
    #[TestWith([11.0, 0.5, 'That is 9 °C away'])]
    #[TestWith([20.0, 0.76, 'That is 26 % of humidity away'])]
    #[TestWith([20.0, 0.24, 'That is 26 % of humidity away'])]
    public function testItIsHeldAgainstWhatWasKnown(float $tempC, float $rh, ?string $said): void
    {
        $beyond = TypedAir::beyondSense(Air::of($tempC, $rh), Air::of(20.0, 0.5));
        self::assertSame($said, null === $beyond ? null : substr($beyond, 0, \strlen($said ?? '')));
    }

    #[TestWith([10.0, 0.85, true])]
    #[TestWith([32.0, 0.2, true])]
    #[TestWith([9.9, 0.5, false])]
    #[TestWith([32.1, 0.5, false])]
    #[TestWith([20.0, 0.86, false])]
    #[TestWith([20.0, 0.19, false])]
    public function testWhereNothingIsKnownItIsThatOfARoom(float $tempC, float $rh, bool $fine): void
    {
        self::assertSame($fine, null === TypedAir::beyondSense(Air::of($tempC, $rh), null));
    }
}
