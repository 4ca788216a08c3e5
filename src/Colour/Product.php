<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Colour\Dye;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;

/** A colour on the shelf: how it absorbs and scatters, and how much of it is there. */
#[ORM\Entity]
#[ORM\Table(name: 'product')]
class Product
{
    /** A clear drop, as it is drawn. */
    private const CLEAR = '#c8c8c8';

    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /** what a drop of it looks like, thick, on a screen */
    #[ORM\Column(length: 7)]
    private string $hex;

    /**
     * @param list<float> $absorption K of a paint, k of a dye, 31 bands
     * @param list<float> $scattering S of a paint, nothing of a dye
     */
    public function __construct(
        #[ORM\Column(length: 40, unique: true)]
        private string $code,
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column(length: 10)]
        private ProductKind $kind,
        #[ORM\Column(type: 'json')]
        private array $absorption,
        #[ORM\Column(type: 'json')]
        private array $scattering,
        #[ORM\Column(name: 'density_g_per_ml')]
        private float $densityGPerMl,
        /** dry film ÷ wet volume; nothing of a dye */
        #[ORM\Column(nullable: true)]
        private ?float $solids,
        #[ORM\Column(length: 20, nullable: true)]
        private ?string $diluent,
        #[ORM\Column]
        private float $leftMl,
        /** hundredths of the workshop's money for 100 ml */
        #[ORM\Column(name: 'cents_per_100_ml', nullable: true)]
        private ?int $centsPer100Ml,
        #[ORM\Column(length: 120)]
        private string $origin,
        #[ORM\Column]
        private bool $madeUp,
    ) {
        $this->hex = ProductKind::Paint === $kind
                ? Light::daylight()
                    ->lab(Mixture::of([$code => $this->paint()], [$code => 1])->look())
                    ->toSrgbHex()
                : self::CLEAR;
    }

    public function hex(): string
    {
        return $this->hex;
    }

    public function id(): int
    {
        return $this->id ?? 0;
    }

    public function code(): string
    {
        return $this->code;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function kind(): ProductKind
    {
        return $this->kind;
    }

    public function leftMl(): float
    {
        return $this->leftMl;
    }

    public function centsPer100Ml(): ?int
    {
        return $this->centsPer100Ml;
    }

    public function densityGPerMl(): float
    {
        return $this->densityGPerMl;
    }

    public function solids(): ?float
    {
        return $this->solids;
    }

    public function diluent(): ?string
    {
        return $this->diluent;
    }

    public function origin(): string
    {
        return $this->origin;
    }

    public function isMadeUp(): bool
    {
        return $this->madeUp;
    }

    public function take(float $ml): void
    {
        $this->leftMl = max(0.0, $this->leftMl - $ml);
    }

    public function priced(int $centsPer100Ml): void
    {
        $this->centsPer100Ml = $centsPer100Ml;
    }

    public function stock(float $ml): void
    {
        $this->leftMl = $ml;
    }

    /** @throws \LogicException for a dye, which is no paint */
    public function paint(): Paint
    {
        if (ProductKind::Dye === $this->kind) {
            throw new \LogicException($this->name.' is a dye.');
        }

        return ProductKind::Binder === $this->kind
            ? Paint::clearBinder()
            : Paint::of($this->code, self::floats($this->absorption), self::floats($this->scattering));
    }

    public function dye(): Dye
    {
        return Dye::of($this->code, self::floats($this->absorption));
    }

    /**
     * @param list<float|int> $values as JSON gives them back
     *
     * @return list<float>
     */
    private static function floats(array $values): array
    {
        return array_map(floatval(...), $values);
    }
}
