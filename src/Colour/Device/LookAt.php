<?php

declare(strict_types=1);

namespace KindHeel\App\Colour\Device;

/** What lies under the reader. A real one sees for itself and needs no word of it; the simulated one is told. */
final readonly class LookAt implements \JsonSerializable
{
    /** @param array<string, string|int|float> $what */
    private function __construct(private array $what)
    {
    }

    public static function place(int $piece, string $half, string $part, string $spot): self
    {
        return new self(['is' => 'place', 'piece' => $piece, 'half' => $half, 'part' => $part, 'spot' => $spot]);
    }

    public static function dab(int $pot): self
    {
        return new self(['is' => 'dab', 'pot' => $pot]);
    }

    public static function swatch(int $swatch): self
    {
        return new self(['is' => 'swatch', 'swatch' => $swatch]);
    }

    public static function card(string $card): self
    {
        return new self(['is' => 'card', 'card' => $card]);
    }

    public static function drawDown(int $product, string $card, float $dryUm): self
    {
        return new self(['is' => 'draw-down', 'product' => $product, 'card' => $card, 'dry_um' => $dryUm]);
    }

    public static function dyed(int $dye, int $swatch, int $thinner, int $coats, string $applicator): self
    {
        return new self(['is' => 'dyed', 'dye' => $dye, 'swatch' => $swatch, 'thinner' => $thinner, 'coats' => $coats, 'applicator' => $applicator]);
    }

    /** @return array<string, string|int|float> */
    public function jsonSerialize(): array
    {
        return $this->what;
    }
}
