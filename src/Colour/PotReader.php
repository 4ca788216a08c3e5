<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\Core\Colour\Calibration;
use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\MatchLimit;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Product\Applicator;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Pots as the screen shows them. */
final readonly class PotReader
{
    /** Laying and reading add their own difference: a dab must be well within the limit. */
    private const LEFT_FOR_LAYING = 0.7;

    public function __construct(private EntityManagerInterface $entities, private Connection $connection, private Shelf $shelf, private MetamerismWords $lights)
    {
    }

    /** All pots, the last touched first; nearest first where a colour is asked for. */
    public function all(?int $piece = null, ?int $near = null): PotsView
    {
        $like = null === $near ? null : ($this->entities->find(Reading::class, $near) ?? throw new NotFoundHttpException())->lab();
        $rows = Row::all(
            $this->connection,
            'SELECT t.id, t.name, t.state, t.drops, t.recipe, t.kept_ml, t.kept_where, r.l, r.a, r.b, p.id AS piece, p.name AS piece_name, k.customer,
                    (SELECT MAX(e.at) FROM pot_event e WHERE e.pot_id = t.id) AS touched
             FROM pot t JOIN reading r ON r.id = t.target_id JOIN piece p ON p.id = r.piece_id JOIN ticket k ON k.id = p.ticket_id'
            .(null === $piece ? '' : ' WHERE p.id = ?').' ORDER BY touched DESC, t.id DESC LIMIT 200',
            null === $piece ? [] : [$piece],
        );
        $pots = array_map(fn (Row $row): PotRowView => $this->row($row, $like), $rows);
        if (null !== $like) {
            usort($pots, static fn (PotRowView $a, PotRowView $b): int => $a->near <=> $b->near);
        }

        return new PotsView($pots);
    }

    public function one(int $id): PotView
    {
        $pot = $this->pot($id);
        $piece = Row::first($this->connection, 'SELECT p.id, p.name FROM pot t JOIN reading r ON r.id = t.target_id JOIN piece p ON p.id = r.piece_id WHERE t.id = ?', [$id]) ?? throw new NotFoundHttpException();
        $aim = $pot->aim();
        $over = $pot->over();
        $now = $pot->held() > 0 ? $this->look($pot, $pot->drops()) : null;
        $differences = null === $now ? [0.0, 0.0, 0.0] : $aim->differences($now);
        $target = $pot->targetReading();
        $place = $target->place();
        $dabs = array_values(array_filter($pot->events(), static fn (PotEvent $e): bool => PotEventKind::Dabbed === $e->kind()));
        $all = array_map(static fn (): int => 0, $this->shelf->paints());

        return new PotView(
            $pot->id(),
            $pot->version(),
            $pot->name(),
            $pot->state(),
            $piece->int('id'),
            $piece->text('name'),
            $place->half,
            $place->part,
            $place->part->label(),
            SeenView::of($target->spectrum()),
            SeenView::of($aim->spectrum),
            self::aimWords($target->lab(), $aim->labs[0], $pot),
            null === $over ? null : SeenView::of($over),
            null === $now ? null : SeenView::of($now),
            null === $now ? null : DifferenceView::off($aim->labs[0], Light::daylight()->lab($now)),
            round($differences[0], 2),
            round($differences[1], 2),
            round($differences[2], 2),
            null === $now ? '' : $this->lights->of($aim, $now),
            $this->shelf->drops($pot->drops(), $pot->dropMl()),
            $this->shelf->drops($pot->recipe(), $pot->dropMl()),
            $pot->held(),
            $pot->capacity(),
            $pot->dropMl(),
            array_map(fn (PotEvent $dab): DabView => $this->dab($aim->labs[0], $dab), array_reverse($dabs)),
            null !== $pot->freshDab(),
            array_map(static fn (PotEvent $e): PotLineView => new PotLineView((string) Iso::of($e->at()), $e->by()->name(), $e->text(), $e->kind()), array_reverse($pot->events())),
            $this->need($pot, $piece->int('id')),
            $pot->keptMl(),
            $pot->keptWhere(),
            $this->shelf->drops($all, $pot->dropMl()),
        );
    }

    public function pot(int $id): Pot
    {
        // What hands have just changed is here already; otherwise everything that its screen shows comes in one go: a drop is answered at once.
        $pot = $this->entities->getUnitOfWork()->tryGetById($id, Pot::class) ?: $this->entities->createQuery('SELECT p, t, g, e, w FROM '.Pot::class.' p JOIN p.target t LEFT JOIN p.ground g JOIN p.events e JOIN e.by w WHERE p.id = :id ORDER BY e.id')->setParameter('id', $id)->getOneOrNullResult();

        return $pot instanceof Pot ? $pot : throw new NotFoundHttpException();
    }

    /**
     * What these drops of this pot give, thick, after what its last dab taught; nothing while there is only binder in it.
     *
     * @param array<string, int> $drops
     */
    public function look(Pot $pot, array $drops): ?Spectrum
    {
        $mixture = Mixture::of($this->shelf->paints(), $drops);

        return $mixture->isClear() ? null : ($this->learned($pot)?->applied($mixture) ?? $mixture)->look();
    }

    public function learned(Pot $pot): ?Calibration
    {
        $dab = $pot->lastDab();
        $read = $dab?->dab();

        return null === $dab || null === $read ? null : Calibration::of(Mixture::of($this->shelf->paints(), $dab->drops()), Pot::bare($read));
    }

    private function row(Row $row, ?Lab $like): PotRowView
    {
        $target = Lab::computed($row->float('l'), $row->float('a'), $row->float('b'));
        /** @var array<string, int> $drops */
        $drops = $row->json('drops');
        $mixture = [] === $drops ? null : Mixture::of($this->shelf->paints(), $drops);
        $mixed = null === $mixture || $mixture->isClear() ? null : Light::daylight()->lab($mixture->look());

        return new PotRowView(
            $row->int('id'),
            $row->text('name'),
            $row->int('piece'),
            $row->text('piece_name'),
            $row->text('customer'),
            $row->enum('state', PotState::class),
            $target->toSrgbHex(),
            $mixed?->toSrgbHex(),
            implode(' + ', array_map(fn (string $code, int $n): string => $n.' '.$this->shelf->name($code), array_keys($drops), $drops)),
            array_sum($drops),
            $row->floatOrNull('kept_ml'),
            $row->text('kept_where'),
            Iso::always($row->text('touched')),
            null === $like ? null : round(Difference::ciede2000($like, $mixed ?? $target), 1),
        );
    }

    private function dab(Lab $aim, PotEvent $dab): DabView
    {
        $bare = Pot::bare($dab->dab() ?? throw new \LogicException('A dab without a reading.'));
        $is = Light::daylight()->lab($bare);
        $predicted = Light::daylight()->lab(Mixture::of($this->shelf->paints(), $dab->drops())->look());
        $dE = round(Difference::ciede2000($aim, $is), 2);

        return new DabView(SeenView::of($bare), DifferenceView::off($aim, $is), DifferenceView::off($predicted, $is), array_sum($dab->drops()), (string) Iso::of($dab->at()), MatchLimit::SamePart->verdict($dE), $dE <= self::LEFT_FOR_LAYING * MatchLimit::SamePart->dE00());
    }

    private function need(Pot $pot, int $piece): PotNeedView
    {
        $need = $pot->need();
        $place = $pot->targetReading()->place();
        $there = 0.0;
        foreach (Row::all($this->connection, "SELECT e.laid FROM pot_event e WHERE e.kind = 'laid' AND e.pot_id <> ? AND JSON_VALUE(e.laid, '$.piece') = ? AND JSON_VALUE(e.laid, '$.half') = ? AND JSON_VALUE(e.laid, '$.part') = ?", [$pot->id(), $piece, $place->half->value, $place->part->value]) as $row) {
            $laid = $row->json('laid');
            $there += \is_int($laid['coats'] ?? null) && \is_string($laid['applicator'] ?? null) ? $laid['coats'] * Applicator::from($laid['applicator'])->dryMicrons() : 0.0;
        }

        return new PotNeedView(
            $pot->areaDm2(),
            $pot->coats(),
            $pot->applicator()->label(),
            round($need->layMl, 2),
            round($need->keptMl, 2),
            $need->drops,
            $need->dryUm,
            $need->cracks($there, $place->part->flexes()) ? \sprintf('With %d µm there already and %d to come the film would crack where it bends: strip first, lay thinner, or use a base that covers.', (int) $there, (int) $need->dryUm) : null,
        );
    }

    private static function aimWords(Lab $target, Lab $aim, Pot $pot): string
    {
        $much = $aim->lightness - $target->lightness;

        return abs($much) < 0.3
            ? 'Aimed as it was read.'
            : \sprintf('A %s finish will make it paler by %.1f: the bare film is aimed that much deeper.', $pot->finish()->value, -$much);
    }
}
