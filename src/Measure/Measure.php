<?php

declare(strict_types=1);

namespace KindHeel\App\Measure;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Piece\LookOver;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Quantity\CardView;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Areas and lengths from a picture in which a card of known size lies beside the part, its perspective undone. */
final readonly class Measure
{
    private const MM2_PER_DM2 = 10_000.0;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private WorkshopSettings $settings,
        private LookOver $lookOver,
        private Ledger $ledger,
        private ClockInterface $clock,
    ) {
    }

    public function of(int $id): MeasureView
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $core = $piece->toCore();
        $tapped = [];
        foreach (Row::all($this->connection, 'SELECT part, half, picture_id, outline FROM measured_outline WHERE piece_id = ? ORDER BY id', [$id]) as $row) {
            $tapped[(string) new Place($row->enum('part', PartName::class), $row->enum('half', Half::class))] = $row;
        }
        $parts = [];
        foreach ($core->parts as $part) {
            if ($part->at->part->isOuter()) {
                $row = null === $part->areaDm2 ? null : $tapped[(string) $part->at] ?? null;
                $parts[] = new PartAreaView(
                    $part->at->part,
                    $part->at->half,
                    $part->at->label(),
                    round($core->areaDm2($part->at), 2),
                    null !== $part->areaDm2,
                    $row?->int('picture_id'),
                    null === $row ? [] : self::points($row->json('outline'), 'outline'),
                );
            }
        }
        $marks = [];
        foreach ($piece->findings() as $finding) {
            $of = $finding->toCore();
            $marks[] = new MeasuredMarkView((int) $finding->id(), $of->kind->label().', '.$of->at->label(), $of->lengthMm, $of->widthMm);
        }

        return new MeasureView($id, $piece->version(), $piece->name(), $this->settings->cardMm(), $parts, $marks);
    }

    /** @throws FieldError where the card or what was tapped makes no sense */
    public function measured(int $id, MeasureInput $input): MeasuredView
    {
        $picture = Row::first($this->connection, 'SELECT width, height FROM picture WHERE id = ? AND piece_id = ?', [$input->picture, $id])
            ?? throw new NotFoundHttpException();
        $view = CardView::of(
            self::points($input->card, 'card'),
            $this->settings->cardMm(),
            [$picture->float('width'), $picture->float('height')],
        );
        $points = self::points($input->outline, 'outline');
        if (2 === \count($points)) {
            $length = $view->length($points);

            return new MeasuredView(null, round($length, 1), null, null, round($view->tiltDeg(), 1), $view->caution(), \sprintf('%.0f mm', $length));
        }
        $outline = $view->outline($points);
        [$long, $wide] = $outline->extent();
        $area = $outline->area() / self::MM2_PER_DM2;

        return new MeasuredView(
            round($area, 3),
            round($outline->perimeter(), 1),
            round($long, 1),
            round($wide, 1),
            round($view->tiltDeg(), 1),
            $view->caution(),
            $area < 0.1 ? \sprintf('%.0f × %.0f mm', $long, $wide) : \sprintf('%.2f dm², %.0f × %.0f mm', $area, $long, $wide),
        );
    }

    /** @throws FieldError|Refused */
    public function keep(int $id, MeasureInput $input, Person $by): void
    {
        $piece = $this->lookOver->piece($id, $input->version);
        $measured = $this->measured($id, $input);
        if (null !== $input->finding) {
            $piece->measured($input->finding, $measured->longMm ?? $measured->lengthMm, $measured->wideMm);
            $this->ledger->piece(Event::Corrected, $piece, $by, 'A mark was measured on a picture: '.$measured->says.'.');

            return;
        }
        if (null === $input->part || null === $input->half || null === $measured->areaDm2) {
            throw new FieldError('part', 'Say which part this is, and go round it.');
        }
        $at = new Place($input->part, $input->half);
        $part = $piece->toCore()->part($at) ?? throw new FieldError('part', 'There is no such part on it.');
        $piece->lookOver($part->but(areaDm2: $measured->areaDm2));
        $this->entities->persist(new MeasuredOutline(
            $piece,
            $at->part,
            $at->half,
            $input->picture,
            self::points($input->card, 'card'),
            self::points($input->outline, 'outline'),
            $measured->areaDm2,
            $by,
            $this->clock->now(),
        ));
        $this->ledger->piece(Event::Corrected, $piece, $by, \sprintf('The %s was measured on a picture: %s.', $at->label(), $measured->says));
    }

    /** The planning figure counts again. */
    public function forget(int $id, int $version, PartName $part, Half $half): void
    {
        $piece = $this->lookOver->piece($id, $version);
        $known = $piece->toCore()->part(new Place($part, $half)) ?? throw new NotFoundHttpException();
        $piece->lookOver($known->unmeasured());
    }

    /** @throws Refused when somebody else was quicker */
    public function card(CardInput $input): void
    {
        if ([$input->wasLongMm, $input->wasShortMm] !== $this->settings->cardMm()) {
            throw Refused::stale('Somebody else has said how large the card is meanwhile. Look once more.');
        }
        $this->settings->takeCard($input->longMm, $input->shortMm);
    }

    /**
     * @param array<mixed> $given
     *
     * @return list<array{float, float}>
     */
    private static function points(array $given, string $field): array
    {
        $points = [];
        foreach ($given as $point) {
            [$x, $y] = \is_array($point) && 2 === \count($point) ? array_values($point) : [null, null];
            if (!\is_int($x) && !\is_float($x) || !\is_int($y) && !\is_float($y)) {
                throw new FieldError($field, 'A point is two figures.');
            }
            $points[] = [(float) $x, (float) $y];
        }

        return $points;
    }
}
