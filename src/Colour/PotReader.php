<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Shelf\LotMoveKind;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Pot\Dab;
use KindHeel\Core\Colour\Pot\EyeDab;
use KindHeel\Core\Colour\Pot\Off;
use KindHeel\Core\Colour\Pot\Palette;
use KindHeel\Core\Colour\Pot\PotAim;
use KindHeel\Core\Colour\Recipe\LightWords;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Text\Phrase;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Pots as the screen shows them. */
final readonly class PotReader
{
    public function __construct(private EntityManagerInterface $entities, private Connection $connection, private ColourShelf $shelf, private PotCoats $coats)
    {
    }

    public function colourOf(int $reading): Lab
    {
        return ($this->entities->find(Reading::class, $reading) ?? throw new NotFoundHttpException())->lab();
    }

    /**
     * All pots, or those of some pieces, the last touched first; nearest first where a colour is asked for.
     *
     * @param list<int>|null $pieces
     */
    public function all(?array $pieces = null, ?Lab $like = null): PotsView
    {
        $rows = Row::all(
            $this->connection,
            'SELECT t.id, t.name, t.state, t.drops, t.recipe, t.kept_ml, t.kept_where, r.l, r.a, r.b, p.id AS piece, p.name AS piece_name, k.customer,
                    (SELECT MAX(e.at) FROM pot_event e WHERE e.pot_id = t.id) AS touched
             FROM pot t JOIN reading r ON r.id = t.target_id JOIN piece p ON p.id = r.piece_id JOIN ticket k ON k.id = p.ticket_id'
            .(null === $pieces ? '' : ' WHERE p.id IN (?)')
            .' ORDER BY '.(null === $like ? '' : 'POW(r.l - ?, 2) + POW(r.a - ?, 2) + POW(r.b - ?, 2), ').'touched DESC, t.id DESC LIMIT 200',
            [...null === $pieces ? [] : [$pieces], ...null === $like ? [] : [$like->lightness, $like->a, $like->b]],
            null === $pieces ? [] : [ArrayParameterType::INTEGER],
        );
        $palette = $this->shelf->palette();
        $pots = array_map(static fn (Row $row): PotRowView => self::row($row, $like, $palette), $rows);
        if (null !== $like) {
            usort($pots, static fn (PotRowView $a, PotRowView $b): int => $a->near <=> $b->near);
        }

        return new PotsView($pots);
    }

    public function one(int $id): PotView
    {
        $stored = $this->pot($id);
        $pot = $stored->value();
        $aim = $stored->aim();
        $palette = $this->shelf->palette();
        $over = $stored->over();
        $target = $stored->targetReading();
        $place = $target->place();
        $dabs = array_values(array_filter($stored->events(), static fn (PotEvent $e): bool => null !== $e->dab()));
        $ml = $stored->dropMl();
        $coats = $stored->isPlanned() ? $this->coats->of($target->piece(), $stored->places()) : [];
        $short = $pot->shortMl([] === $coats ? null : array_sum(array_map(static fn (PotCoat $c): float => $c->done ? 0.0 : $c->ml, $coats)));

        return new PotView(
            id: $stored->id(),
            version: $stored->version(),
            name: $stored->name(),
            state: $stored->state(),
            phase: $pot->phase($aim),
            place: new PotPlaceView($target->piece()->id(), $target->piece()->name(), $place->half, $place->part, $place->part->label()),
            target: SeenView::of($target->spectrum()),
            aim: SeenView::of($aim->bare->spectrum),
            aimWords: $aim->words(),
            finish: $stored->finish(),
            agreedFinish: $this->agreedFinish($target),
            ground: null === $over ? null : SeenView::of($over),
            now: self::look($pot->look($palette), $aim),
            drops: $this->shelf->drops($pot->drops, $ml),
            recipe: $this->shelf->drops($pot->recipe, $ml),
            due: $this->shelf->inOrder($pot->due(), $ml),
            paints: $this->shelf->drops(array_fill_keys(array_keys($palette->paints), 0), $ml),
            total: $pot->held(),
            capacity: $pot->capacity(),
            dropMl: $ml,
            dabs: array_map(static fn (PotEvent $dab): DabView => self::dab($dab, $aim, $palette), array_reverse($dabs)),
            dabbed: $pot->isDabbed(),
            history: array_map(
                static fn (PotEvent $e): PotLineView => new PotLineView((string) Iso::of($e->at()), $e->by()->name(), $e->text(), $e->kind()),
                array_reverse($stored->events()),
            ),
            need: $this->need($stored),
            keptMl: $stored->keptMl(),
            keptWhere: $stored->keptWhere(),
            places: array_map(static fn (Place $p): string => $p->label(), $stored->places()),
            planned: $stored->isPlanned(),
            coats: array_map(static fn (PotCoat $c): PotCoatView => new PotCoatView($c->step, $c->title, $c->done, round($c->ml, 2)), $coats),
            capacityMl: round($pot->capacity() * $ml, 1),
            leftMl: round($pot->leftMl(), 2),
            shortMl: null === $short ? null : round($short, 1),
            goodUntil: Iso::of($stored->goodUntil()),
        );
    }

    /** How the part is to shine as things stand. */
    private function agreedFinish(Reading $target): Gloss
    {
        $row = Row::first(
            $this->connection,
            'SELECT COALESCE(v.gloss, p.gloss) AS gloss FROM piece p LEFT JOIN piece_part v ON v.piece_id = p.id AND v.half = ? AND v.part = ? WHERE p.id = ?',
            [$target->place()->half->value, $target->place()->part->value, $target->piece()->id()],
        );

        return $row?->enum('gloss', Gloss::class) ?? $target->gloss();
    }

    /**
     * Of all pots, those that an instrument read, the latest first.
     *
     * @return list<Dab>
     */
    public function lastDabs(int $most): array
    {
        $dabs = [];
        foreach (Row::all(
            $this->connection,
            "SELECT drops, spectrum FROM pot_event WHERE kind = 'dabbed' AND spectrum IS NOT NULL AND eye IS NULL ORDER BY id DESC LIMIT ".$most,
        ) as $row) {
            /** @var array<string, int> $drops */
            $drops = $row->json('drops');
            $dabs[] = new Dab($drops, Spectrum::grid($row->numbers('spectrum')));
        }

        return $dabs;
    }

    /** Whose it is, what it was mixed from, and how it shines: what is written on its label. */
    public function label(int $id): PotLabelView
    {
        $pot = $this->pot($id);
        $lots = array_map(
            static fn (Row $r): string => trim($r->text('name').' '.('' === $r->text('batch') ? 'lot '.$r->int('id') : 'batch '.$r->text('batch'))),
            Row::all(
                $this->connection,
                'SELECT DISTINCT p.name, l.id, l.batch FROM lot_move m JOIN lot l ON l.id = m.lot_id JOIN product p ON p.id = l.product_id
                 WHERE m.pot_id = ? AND m.kind = ? ORDER BY l.id',
                [$id, LotMoveKind::Pot->value],
            ),
        );
        $places = array_map(static fn (Place $p): string => $p->label(), $pot->places());

        return new PotLabelView($pot->targetReading()->piece()->ticket()->customer(), $pot->finish()->value, Phrase::list($places), $lots);
    }

    /** What an eye compares a dab of it with. */
    public function eyeScale(int $id): EyeScaleView
    {
        $aim = $this->pot($id)->aim()->lab();
        $steps = static fn (Off $off): EyeStepsView => new EyeStepsView($off, $off->label(), array_map(
            static fn (int $step): string => EyeDab::of($aim, [$off->value => $step])->lab($aim)->toSrgbHex(),
            array_keys(EyeDab::STEPS),
        ));
        $words = array_filter(
            [Off::Deeper, Off::Greener, Off::Bluer, Off::Dirtier],
            static fn (Off $off): bool => Off::Dirtier !== $off || EyeDab::maySayClean($aim),
        );

        return new EyeScaleView($aim->toSrgbHex(), array_map(static fn (Off $off): array => [$steps($off), $steps($off->opposite())], $words));
    }

    /** What hands have just changed is here already; otherwise everything that its screen shows comes in one go: a drop is answered at once. */
    public function pot(int $id): StoredPot
    {
        $pot = $this->entities->getUnitOfWork()->tryGetById($id, StoredPot::class) ?: $this->entities->createQuery(
            'SELECT p, t, c, g, e, w FROM '.StoredPot::class.' p JOIN p.target t JOIN t.piece c LEFT JOIN p.ground g JOIN p.events e JOIN e.by w
             WHERE p.id = :id ORDER BY e.id',
        )->setParameter('id', $id)->getOneOrNullResult();

        if (!$pot instanceof StoredPot) {
            throw new NotFoundHttpException();
        }
        if ($pot->isPlanned() && PotState::Mixing === $pot->state()) {
            $this->coats->follow($pot);
        }

        return $pot;
    }

    private static function look(?Spectrum $look, PotAim $aim): ?PotLookView
    {
        if (null === $look) {
            return null;
        }
        [$day, $lamp, $tube] = array_map(static fn (float $dE): float => round($dE, 2), $aim->bare->differences($look)) + [0.0, 0.0, 0.0];

        return new PotLookView(
            SeenView::of($look),
            DifferenceView::off($aim->lab(), Light::daylight()->lab($look)),
            $day,
            $lamp,
            $tube,
            LightWords::of($aim->bare, $look),
        );
    }

    private static function row(Row $row, ?Lab $like, Palette $palette): PotRowView
    {
        $target = Lab::computed($row->float('l'), $row->float('a'), $row->float('b'));
        /** @var array<string, int> $drops */
        $drops = $row->json('drops');
        $mixture = [] === $drops ? null : Mixture::of($palette->paints, $drops);
        $mixed = null === $mixture || $mixture->isClear() ? null : Light::daylight()->lab($mixture->look());

        return new PotRowView(
            id: $row->int('id'),
            name: $row->text('name'),
            piece: $row->int('piece'),
            pieceName: $row->text('piece_name'),
            customer: $row->text('customer'),
            state: $row->enum('state', PotState::class),
            target: $target->toSrgbHex(),
            mixed: $mixed?->toSrgbHex(),
            recipe: $palette->words($drops),
            drops: array_sum($drops),
            keptMl: $row->floatOrNull('kept_ml'),
            keptWhere: $row->text('kept_where'),
            at: Iso::always($row->text('touched')),
            near: null === $like ? null : round(Difference::ciede2000($like, $mixed ?? $target), 1),
        );
    }

    private static function dab(PotEvent $event, PotAim $aim, Palette $palette): DabView
    {
        $dab = $event->dab() ?? throw new \LogicException('A dab without a reading.');
        $predicted = Light::daylight()->lab(Mixture::of($palette->paints, $dab->drops)->look());

        return new DabView(
            seen: SeenView::of($dab->bare),
            difference: DifferenceView::off($aim->lab(), $dab->lab()),
            prediction: DifferenceView::off($predicted, $dab->lab()),
            drops: array_sum($dab->drops),
            at: (string) Iso::of($event->at()),
            verdict: $dab->verdict($aim),
            near: $dab->isNear($aim),
            eye: $dab->eye?->words(),
        );
    }

    private function need(StoredPot $pot): PotNeedView
    {
        $need = $pot->need();

        return new PotNeedView(
            areaDm2: $pot->areaDm2(),
            coats: $need->coats,
            applicator: $pot->applicator()->label(),
            layMl: round($need->layMl, 2),
            keepMl: round($need->keptMl, 2),
            drops: $need->drops,
            dryUm: $need->dryUm,
            caution: $need->caution($this->filmThere($pot), $pot->targetReading()->place()->part->flexes()),
        );
    }

    /** µm that other pots have laid on the place. */
    private function filmThere(StoredPot $pot): float
    {
        $place = $pot->targetReading()->place();
        $rows = Row::all(
            $this->connection,
            "SELECT e.laid FROM reading r JOIN pot t ON t.target_id = r.id JOIN pot_event e ON e.pot_id = t.id
             WHERE r.piece_id = ? AND t.id <> ? AND e.kind = 'laid'
             AND (JSON_VALUE(e.laid, '$.half') = ? AND JSON_VALUE(e.laid, '$.part') = ? OR JSON_CONTAINS(e.laid, ?, '$.places'))",
            [$pot->targetReading()->piece()->id(), $pot->id(), $place->half->value, $place->part->value, PotEvent::placed($place)],
        );
        $there = 0.0;
        foreach ($rows as $row) {
            $laid = $row->json('laid');
            $there += \is_int($laid['coats'] ?? null) && \is_string($laid['applicator'] ?? null)
                ? $laid['coats'] * Applicator::from($laid['applicator'])->dryMicrons()
                : 0.0;
        }

        return $there;
    }
}
