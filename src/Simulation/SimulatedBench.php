<?php

declare(strict_types=1);

namespace KindHeel\App\Simulation;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Colour\StoredPot;
use KindHeel\App\Colour\Swatch;
use KindHeel\App\Database\Row;
use KindHeel\App\Shelf\Product;
use KindHeel\App\Shelf\ProductKind;
use KindHeel\Core\Colour\Dye;
use KindHeel\Core\Colour\DyedLeather;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Pot\Dab;
use KindHeel\Core\Colour\Settling\SettlingHabit;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Colour\Sheen;
use KindHeel\Core\Colour\SmoothestReflectance;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use Psr\Clock\ClockInterface;

/**
 * What really lies on the made-up bench: leather as it came in, faded or stained where somebody found it so, under the coats that were laid – of tubes whose
 * batches are stronger or weaker than the shelf says, dropped from a dropper that is not quite even. The application never asks this class; only the simulated
 * reader does.
 */
final readonly class SimulatedBench
{
    private const BATCH_SPREAD = 0.06;
    private const DROPPER_SPREAD = 0.03;
    private const PLACE_SPREAD_L = 0.5;
    /** What scuffing and fading let through of raw leather, and what a stain swallows. */
    private const BARED = 0.45;
    private const STAINED = 0.55;
    private const RAW = [73.2, 5.84, 23.98];
    private const STAINS = [
        'ink', 'tar', 'colour-transfer', 'dark-handling', 'water-ring', 'old-polish', 'body-grease', 'ground-in-dirt', 'mud', 'mould',
        'heat-mark',
    ];
    /** How much darker what has just been laid makes it, and how much more of that stays than is usual. */
    private const WET_DARKER = 0.35;
    private const STAYS_MORE = 1.2;
    private const CARDS = ['white' => 0.82, 'black' => 0.035, 'grey' => 0.19];
    /** How much an applicator really lays here. */
    private const LAYS = ['sponge' => 1.1, 'dauber' => 1.05, 'cloth' => 0.66, 'airbrush' => 0.42];

    public function __construct(private EntityManagerInterface $entities, private Connection $connection, private ClockInterface $clock)
    {
    }

    /** @param array<mixed> $look what the reader was told it sees; null when there is nothing */
    public function spectrum(array $look): ?Spectrum
    {
        $text = static fn (string $key): string => \is_string($look[$key] ?? null) ? $look[$key] : '';
        $whole = static fn (string $key): int => \is_int($look[$key] ?? null) ? $look[$key] : 0;

        return match ($text('is')) {
            'place' => $this->place($whole('piece'), $text('half'), $text('part'), $text('spot')),
            'dab' => $this->dab($whole('pot')),
            'swatch' => $this->entities->find(Swatch::class, $whole('swatch'))?->spectrum(),
            'card' => isset(self::CARDS[$text('card')]) ? Spectrum::flat(self::CARDS[$text('card')]) : null,
            'draw-down' => $this->drawDown($whole('product'), $text('card'), is_numeric($look['dry_um'] ?? null) ? (float) $look['dry_um'] : 0.0),
            'dyed' => $this->dyed($whole('dye'), $whole('swatch'), $whole('thinner'), $whole('coats'), $text('applicator')),
            default => null,
        };
    }

    private function place(int $piece, string $half, string $part, string $spot): ?Spectrum
    {
        $row = Row::first(
            $this->connection,
            'SELECT v.shade, p.gloss FROM piece_part v JOIN piece p ON p.id = v.piece_id WHERE v.piece_id = ? AND v.half = ? AND v.part = ?',
            [$piece, $half, $part],
        );
        if (null === $row) {
            return null;
        }
        $lab = Shade::from($row->text('shade'))->lab();
        $leather = SmoothestReflectance::of(
            Lab::computed($lab->lightness + self::PLACE_SPREAD_L * self::normal($piece.$half.$part), $lab->a, $lab->b),
            Light::daylight(),
        );
        if ('damage' === $spot) {
            $leather = $this->damaged($leather, $piece, $half, $part);
        }
        $settling = 'settling' === $spot;
        $spot = $settling ? 'sound' : $spot;
        $coated = false;
        foreach (
            Row::all(
                $this->connection,
                "SELECT e.pot_id, e.drops, e.laid FROM reading r JOIN pot t ON t.target_id = r.id JOIN pot_event e ON e.pot_id = t.id
                 WHERE r.piece_id = ? AND e.kind = 'laid'
                 AND (JSON_VALUE(e.laid, '$.half') = ? AND JSON_VALUE(e.laid, '$.part') = ? AND JSON_VALUE(e.laid, '$.spot') = ?
                      OR JSON_CONTAINS(e.laid, ?, '$.places')) ORDER BY e.id",
                [$piece, $half, $part, $spot, json_encode(['half' => $half, 'part' => $part])],
            ) as $event
        ) {
            $laid = $event->json('laid');
            $applicator = Applicator::tryFrom(\is_string($laid['applicator'] ?? null) ? $laid['applicator'] : '') ?? Applicator::Sponge;
            $coats = \is_int($laid['coats'] ?? null) ? $laid['coats'] : 0;
            /** @var array<string, int> $drops */
            $drops = $event->json('drops');
            $pot = $this->really($event->int('pot_id'), $drops);
            $leather = $pot->look($leather, $coats * $applicator->dryMicrons() / Paint::COAT_UM);
            $coated = true;
        }

        if ($settling) {
            $leather = $this->darkened($leather, $piece, $half, $part);
        }

        // A mended place is finished as agreed; what was never touched is read as it is.
        return $coated ? Sheen::moved($leather, Gloss::Mirror, Gloss::from($row->text('gloss'))) : $leather;
    }

    /** Something was laid there: a third darker at first, and back as such products go, with a fifth more that stays. */
    private function darkened(Spectrum $leather, int $piece, string $half, string $part): Spectrum
    {
        $laid = Row::first(
            $this->connection,
            'SELECT family, laid_at FROM settling WHERE piece_id = ? AND half = ? AND part = ? ORDER BY laid_at DESC LIMIT 1',
            [$piece, $half, $part],
        );
        if (null === $laid) {
            return $leather;
        }
        $habit = SettlingHabit::usual($laid->enum('family', FamilyId::class));
        $hours = ($this->clock->now()->getTimestamp() - $laid->time('laid_at')->getTimestamp()) / 3600.0;
        $stays = min(1.0, self::STAYS_MORE * $habit->stays);
        $darker = self::WET_DARKER * ($stays + (1.0 - $stays) * exp(-$hours / $habit->hours));

        return Spectrum::grid(array_map(static fn (float $r): float => $r * (1.0 - $darker), $leather->values));
    }

    private function damaged(Spectrum $leather, int $piece, string $half, string $part): Spectrum
    {
        $finding = Row::first($this->connection, 'SELECT kind FROM finding WHERE piece_id = ? AND half = ? AND part = ? ORDER BY severity DESC, id LIMIT 1', [
            $piece,
            $half,
            $part,
        ])?->text('kind');
        if (\in_array($finding, self::STAINS, true)) {
            return Spectrum::grid(array_map(static fn (float $r): float => $r * self::STAINED, $leather->values));
        }
        $raw = SmoothestReflectance::of(Lab::of(...self::RAW), Light::daylight())->values;

        return Spectrum::grid(array_map(static fn (float $r, float $bare): float => (1.0 - self::BARED) * $r + self::BARED * $bare, $leather->values, $raw));
    }

    private function dab(int $id): ?Spectrum
    {
        $pot = $this->entities->find(StoredPot::class, $id);

        return null === $pot || [] === $pot->drops() ? null : Dab::onPaper($this->really($id, $pot->drops())->look());
    }

    private function drawDown(int $id, string $card, float $dryUm): ?Spectrum
    {
        $product = $this->entities->find(Product::class, $id);
        if (null === $product || ProductKind::Dye === $product->kind() || !isset(self::CARDS[$card])) {
            return null;
        }

        return Mixture::of(['it' => $this->batch($product)], ['it' => 1])->look(Spectrum::flat(self::CARDS[$card]), $dryUm / Paint::COAT_UM);
    }

    private function dyed(int $dye, int $swatch, int $thinner, int $coats, string $applicator): ?Spectrum
    {
        $product = $this->entities->find(Product::class, $dye);
        $leather = $this->entities->find(Swatch::class, $swatch)?->spectrum();
        if (null === $product || null === $leather || ProductKind::Dye !== $product->kind()) {
            return null;
        }

        return DyedLeather::look($leather, [[Dye::of('it', $product->dye()->k), $coats * (self::LAYS[$applicator] ?? 0.9) / (1.0 + $thinner)]]);
    }

    /**
     * The pot as it really is.
     *
     * @param array<string, int> $drops
     */
    private function really(int $pot, array $drops): Mixture
    {
        $paints = [];
        $uneven = [];
        foreach ($this->entities->getRepository(Product::class)->findBy(['code' => array_map(strval(...), array_keys($drops))]) as $product) {
            $code = $product->code();
            $paints[$code] = $this->batch($product);
            $uneven[$code] = $drops[$code] * (1.0 + self::DROPPER_SPREAD * self::normal($pot.$code));
        }

        return Mixture::of($paints, $uneven);
    }

    /** The tube as it was filled: stronger or weaker than it says. */
    private function batch(Product $product): Paint
    {
        $strength = 1.0 + self::BATCH_SPREAD * self::normal('batch'.$product->code());

        return Paint::of('it', array_map(static fn (float $k): float => $k * $strength, $product->paint()->absorption), $product->paint()->scattering);
    }

    /** The same for the same words: a fixed draw from a normal distribution. */
    private static function normal(string $of): float
    {
        $u = (crc32('u'.$of) + 1.0) / 4294967297.0;
        $v = crc32('v'.$of) / 4294967296.0;

        return sqrt(-2.0 * log($u)) * cos(2.0 * \M_PI * $v);
    }
}
