<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Shelf\Lot;
use KindHeel\App\Shelf\Product;
use KindHeel\App\Shelf\ProductKind;
use KindHeel\Core\Colour\DrawDowns;
use KindHeel\Core\Colour\DyedLeather;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Colour\Undertone;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;

/** The colours on the shelf, and what each does. */
final readonly class ColoursReader
{
    private const LEANING_PAPER = 0.8;

    public function __construct(private EntityManagerInterface $entities, private ColourShelf $shelf, private ClockInterface $clock)
    {
    }

    public function all(): ColoursView
    {
        $white = $this->shelf->palette()->white();
        $swatches = array_map(
            static fn (Swatch $s): SwatchView => new SwatchView($s->id(), $s->code(), $s->name(), SeenView::of($s->spectrum())),
            $this->entities->getRepository(Swatch::class)->findBy([], ['id' => 'ASC']),
        );

        return new ColoursView(array_values(array_map(fn (ShelfColour $c): ProductView => $this->product($c, $white), $this->shelf->colours())), $swatches);
    }

    /** What two draw-downs say of a paint; it is put on the shelf when that is asked for. */
    public function characterise(DrawDownInput $input): FitView
    {
        $code = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($input->name)), '-');
        if ('' === $code || null !== ($this->shelf->colours()[$code] ?? null)) {
            throw new FieldError('name', '' === $code ? 'The name needs a letter.' : 'There is a paint of that name already.');
        }
        $fit = DrawDowns::fit(
            mb_substr($code, 0, 40),
            Spectra::of($input->overWhite),
            Spectra::of($input->overBlack),
            Spectra::of($input->white),
            Spectra::of($input->black),
            $input->dryUm / Paint::COAT_UM,
        );
        $missed = max($fit->overWhite, $fit->overBlack);
        $good = $missed < 1.0 && !$fit->tooThick();
        if ($input->keep) {
            if (!$good) {
                throw new FieldError('overWhite', 'The fit is not good enough to mix by. Draw it down anew.');
            }
            $product = Product::colour(
                code: mb_substr($code, 0, 40),
                name: trim($input->name),
                kind: ProductKind::Paint,
                absorption: $fit->paint->absorption,
                scattering: $fit->paint->scattering,
                densityGPerMl: 1.1,
                solids: 0.3,
                diluent: null,
                origin: 'own draw-downs',
                madeUp: false,
            );
            $this->entities->persist($product);
            $this->entities->persist(new Lot($product, $input->leftMl, $this->clock->now()));
            $this->shelf->reset();
        }

        return new FitView(
            round($fit->overWhite, 2),
            round($fit->overBlack, 2),
            $fit->hidden,
            match (true) {
                $fit->tooThick() => \sprintf('It hides both grounds in %d of 31 bands: its strength cannot be told. Draw it down thinner.', $fit->hidden),
                $missed >= 1.0 => \sprintf('The model misses a draw-down by %.1f. Read again, and see that the film is even and dry.', $missed),
                default => \sprintf('It explains both draw-downs within %.1f.', $missed),
            },
            $good,
            SeenView::of(Mixture::of([$fit->paint->id => $fit->paint], [$fit->paint->id => 1])->look()),
        );
    }

    private function product(ShelfColour $colour, ?Paint $white): ProductView
    {
        $light = Light::daylight();
        $hex = $tint = $colour->hex;
        $words = 'clear; it thins a pot';
        $cover = 0.0;
        $lab = Lab::of(80.0, 0.0, 0.0);
        if (ProductKind::Dye === $colour->kind) {
            $pale = Spectrum::flat(self::LEANING_PAPER);
            $look = static fn (float $uptake): Lab => $light->lab(DyedLeather::look($pale, [[$colour->dye(), $uptake]]));
            $lab = $look(1.5);
            [$hex, $tint, $words] = [$lab->toSrgbHex(), $look(0.15)->toSrgbHex(), 'transparent: it only goes deeper'];
        } elseif (ProductKind::Paint === $colour->kind && null !== $white) {
            $undertone = Undertone::of($colour->paint(), $white);
            $lab = $undertone->masstone;
            [$tint, $words] = [$undertone->tint->toSrgbHex(), $undertone->words];
            $cover = round(Mixture::of(['it' => $colour->paint()], ['it' => 1])->contrastRatio(1.0, $light), 3);
        }

        return new ProductView(
            id: $colour->id,
            code: $colour->code,
            name: $colour->name,
            kind: $colour->kind,
            lab: LabView::of($lab),
            hex: $hex,
            tint: $tint,
            undertone: $words,
            cover: $cover,
            leftMl: round($this->shelf->left($colour), 1),
            centsPer100Ml: $colour->centsPer100Ml(),
            diluent: $colour->diluent,
            origin: $colour->origin(),
            madeUp: $colour->isMadeUp(),
        );
    }
}
