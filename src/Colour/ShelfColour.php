<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\App\Database\Row;
use KindHeel\App\Shelf\ProductKind;
use KindHeel\Core\Colour\Dye;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Pot\PaintEvidence;
use KindHeel\Core\Product\FamilyId;

/** A colour of the shelf, as it is mixed from: a row that is read by all who look at a pot, so nothing of it is unpacked that nobody asks for. */
final readonly class ShelfColour
{
    public const COLUMNS = 'id, code, name, hex, kind, family, pack, pack_cents, density_g_per_ml, diluent, origin, made_up, shown, absorption, scattering';

    private function __construct(
        public int $id,
        public string $code,
        public string $name,
        public string $hex,
        public ProductKind $kind,
        public ?FamilyId $family,
        public float $densityGPerMl,
        public ?string $diluent,
        private Row $row,
    ) {
    }

    public static function of(Row $row): self
    {
        return new self(
            $row->int('id'),
            $row->text('code'),
            $row->text('name'),
            $row->text('hex'),
            $row->enum('kind', ProductKind::class),
            $row->enumOrNull('family', FamilyId::class),
            $row->float('density_g_per_ml'),
            $row->textOrNull('diluent'),
            $row,
        );
    }

    public function centsPer100Ml(): ?int
    {
        $cents = $this->row->intOrNull('pack_cents');

        return null === $cents ? null : (int) round($cents / $this->row->float('pack') * 100.0);
    }

    public function origin(): string
    {
        return $this->row->text('origin');
    }

    public function isMadeUp(): bool
    {
        return $this->row->flag('made_up');
    }

    /** @throws \LogicException for what is no paint */
    public function paint(): Paint
    {
        return match ($this->kind) {
            ProductKind::Binder => Paint::clearBinder(),
            ProductKind::Paint => Paint::of($this->code, $this->row->numbers('absorption'), $this->row->numbers('scattering')),
            ProductKind::Dye, ProductKind::Plain => throw new \LogicException($this->name.' is no paint.'),
        };
    }

    /** As dabs of it have shown it to be. */
    public function paintAsShown(): Paint
    {
        $paint = $this->paint();

        return null === $this->row->textOrNull('shown') ? $paint : PaintEvidence::known([$this->code => $this->row->numbers('shown')])->applied($paint);
    }

    public function dye(): Dye
    {
        return Dye::of($this->code, $this->row->numbers('absorption'));
    }
}
