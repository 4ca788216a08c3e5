<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Colour\Dye;
use KindHeel\Core\Colour\DyedLeather;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Quantity\Dilution;
use KindHeel\Core\Stock\OpenedLife;

/** A product that the workshop keeps: what family it is of, how it is bought, how long it keeps; a colour also how it absorbs and scatters. */
#[ORM\Entity]
#[ORM\Table(name: 'product')]
#[ORM\Index(columns: ['family'])]
class Product
{
    /** A clear drop, as it is drawn. */
    private const CLEAR = '#c8c8c8';
    /** A dye is drawn as it looks laid deep on pale leather: reflectance, and unit coats. */
    private const PALE = 0.72;
    private const DEEP = 1.5;
    /** A colour is bought and priced by so much. */
    private const COLOUR_PACK = 100.0;

    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /** what a drop of it looks like, thick, on a screen */
    #[ORM\Column(length: 7)]
    private string $hex = self::CLEAR;
    #[ORM\Column(length: 40, unique: true)]
    private string $code;
    #[ORM\Column(length: 80)]
    private string $name;
    #[ORM\Column(length: 10)]
    private ProductKind $kind = ProductKind::Plain;
    /** null for what is of no family: thread, tape, gloves */
    #[ORM\Column(length: 30, nullable: true)]
    private ?FamilyId $family = null;
    #[ORM\Column(length: 20, nullable: true)]
    private ?Shade $shade = null;
    #[ORM\Column(length: 5)]
    private Unit $unit = Unit::Millilitre;
    /** what a pack holds, in its unit */
    #[ORM\Column]
    private float $pack = self::COLOUR_PACK;
    /** hundredths of the workshop's money */
    #[ORM\Column(nullable: true)]
    private ?int $packCents = null;
    #[ORM\Column(length: 80)]
    private string $supplier = '';
    #[ORM\Column]
    private int $leadDays = ProductInput::USUAL_LEAD_DAYS;
    #[ORM\Column(name: 'density_g_per_ml')]
    private float $densityGPerMl = 1.0;

    /** @var list<float>|null by band, how much more or less of its colour pots of it showed than the shelf says; null while none has */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $shown = null;
    #[ORM\Column(nullable: true)]
    private ?float $emptyPackG = null;
    /** parts of water to one of product, for use; null: as its family is thinned */
    #[ORM\Column(nullable: true)]
    private ?float $water = null;
    #[ORM\Column(length: 200)]
    private string $notOn = '';
    /** null: as its family keeps */
    #[ORM\Column(nullable: true)]
    private ?int $openedMonths = null;
    /** of its safety sheet, kept with it */
    #[ORM\Column(length: 64, nullable: true)]
    private ?string $sheet = null;
    /** no longer bought; what is left of it may be used up */
    #[ORM\Column]
    private bool $retired = false;
    /** @var list<float> K of a paint, k of a dye, 31 bands */
    #[ORM\Column(type: 'json')]
    private array $absorption = [];
    /** @var list<float> S of a paint, nothing of another */
    #[ORM\Column(type: 'json')]
    private array $scattering = [];
    /** dry film ÷ wet volume; nothing of a dye */
    #[ORM\Column(nullable: true)]
    private ?float $solids = null;
    #[ORM\Column(length: 20, nullable: true)]
    private ?string $diluent = null;
    #[ORM\Column(length: 120)]
    private string $origin = '';
    #[ORM\Column]
    private bool $madeUp = false;

    private function __construct(string $code, string $name)
    {
        $this->code = $code;
        $this->name = $name;
    }

    public static function plain(string $code, ProductInput $input): self
    {
        $product = new self($code, trim($input->name));
        $product->change($input);

        return $product;
    }

    /**
     * @param list<float> $absorption K of a paint, k of a dye, 31 bands
     * @param list<float> $scattering S of a paint, nothing of a dye
     * @param float|null  $solids     dry film ÷ wet volume
     */
    public static function colour(
        string $code,
        string $name,
        ProductKind $kind,
        array $absorption,
        array $scattering,
        float $densityGPerMl,
        ?float $solids,
        ?string $diluent,
        string $origin,
        bool $madeUp,
    ): self {
        $product = new self($code, $name);
        $product->kind = $kind;
        $product->absorption = $absorption;
        $product->scattering = $scattering;
        $product->densityGPerMl = $densityGPerMl;
        $product->solids = $solids;
        $product->diluent = $diluent;
        $product->origin = $origin;
        $product->madeUp = $madeUp;
        $product->family = match (true) {
            ProductKind::Dye !== $kind => FamilyId::Paint,
            'water' === $diluent => FamilyId::DyeWater,
            default => FamilyId::DyeSpirit,
        };
        $look = match ($kind) {
            ProductKind::Paint => Mixture::of([$code => $product->paint()], [$code => 1])->look(),
            ProductKind::Dye => DyedLeather::look(Spectrum::flat(self::PALE), [[$product->dye(), self::DEEP]]),
            ProductKind::Binder, ProductKind::Plain => null,
        };
        $product->hex = null === $look ? self::CLEAR : Light::daylight()->lab($look)->toSrgbHex();

        return $product;
    }

    /** All that is not its colour: that is told by readings alone. */
    public function change(ProductInput $input): void
    {
        $this->name = trim($input->name);
        if (ProductKind::Plain === $this->kind) {
            $this->family = $input->family;
            $this->unit = $input->family?->family()->unit ?? $input->unit;
            $this->shade = $input->shade;
        }
        $this->pack = $input->pack;
        $this->packCents = $input->packCents;
        $this->supplier = trim($input->supplier);
        $this->leadDays = $input->leadDays;
        $this->densityGPerMl = $input->densityGPerMl;
        $this->emptyPackG = $input->emptyPackG;
        $this->water = $input->water;
        $this->notOn = trim($input->notOn);
        $this->openedMonths = $input->openedMonths;
        $this->retired = $input->retired;
    }

    /** As {@see change()} takes it. */
    public function told(): ProductInput
    {
        return new ProductInput(
            $this->name,
            $this->family,
            $this->shade,
            $this->unit,
            $this->pack,
            $this->packCents,
            $this->supplier,
            $this->leadDays,
            $this->densityGPerMl,
            $this->emptyPackG,
            $this->water,
            $this->notOn,
            $this->openedMonths,
            $this->retired,
            $this->version,
        );
    }

    public function id(): int
    {
        return $this->id ?? 0;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function hex(): string
    {
        return $this->hex;
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

    public function family(): ?FamilyId
    {
        return $this->family;
    }

    public function unit(): Unit
    {
        return $this->unit;
    }

    public function pack(): float
    {
        return $this->pack;
    }

    public function dilution(): ?Dilution
    {
        return null === $this->water ? null : new Dilution(1.0, $this->water);
    }

    public function opened(): OpenedLife
    {
        return new OpenedLife($this->openedMonths ?? $this->family?->family()->openedMonths ?? OpenedLife::LONG);
    }

    public function densityGPerMl(): float
    {
        return $this->densityGPerMl;
    }

    public function emptyPackG(): ?float
    {
        return $this->emptyPackG;
    }

    public function solids(): ?float
    {
        return $this->solids;
    }

    public function diluent(): ?string
    {
        return $this->diluent;
    }

    public function isMadeUp(): bool
    {
        return $this->madeUp;
    }

    public function priced(int $packCents, float $pack = self::COLOUR_PACK): void
    {
        $this->packCents = $packCents;
        $this->pack = $pack;
    }

    public function from(string $supplier, int $leadDays): void
    {
        $this->supplier = $supplier;
        $this->leadDays = $leadDays;
    }

    public function packWeighs(float $emptyG): void
    {
        $this->emptyPackG = $emptyG;
    }

    public function hasSheet(?string $digest): void
    {
        $this->sheet = $digest;
    }

    public function sheet(): ?string
    {
        return $this->sheet;
    }

    /** @param list<float>|null $ratio by band, as dabs of it have shown it to be */
    public function hasShown(?array $ratio): void
    {
        $this->shown = $ratio;
    }

    /** @throws \LogicException for what is no paint */
    public function paint(): Paint
    {
        return match ($this->kind) {
            ProductKind::Binder => Paint::clearBinder(),
            ProductKind::Paint => Paint::of($this->code, self::floats($this->absorption), self::floats($this->scattering)),
            ProductKind::Dye, ProductKind::Plain => throw new \LogicException($this->name.' is no paint.'),
        };
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
