<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Differences;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Contradiction;
use KindHeel\Core\Material\Finder;
use KindHeel\Core\Material\Material;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class PieceReader
{
    private const ODDS_SHOWN = 4;

    public function __construct(private Connection $connection, private EntityManagerInterface $entities)
    {
    }

    /** @throws NotFoundHttpException */
    public function one(int $id): PieceView
    {
        $row = Row::first(
            $this->connection,
            'SELECT p.*, t.customer, t.wish, t.promised_at, '.Tag::PLACE.' AS place,
                    (SELECT COUNT(*) FROM plan_step s WHERE s.piece_id = p.id) AS steps,
                    (SELECT COUNT(*) FROM plan_step s WHERE s.piece_id = p.id AND s.status <> \'open\') AS begun
             FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.id = ?',
            [$id],
        );
        $stored = $this->entities->find(StoredPiece::class, $id);
        if (null === $row || null === $stored) {
            throw new NotFoundHttpException();
        }
        $piece = $stored->toCore();

        return new PieceView(
            $id,
            $row->int('version'),
            $row->text('name'),
            $row->text('kind'),
            $row->floatOrNull('size_eu'),
            $row->floatOrNull('length_mm'),
            $row->text('aim'),
            $row->text('gloss'),
            $row->text('patina'),
            $row->text('unwanted'),
            $row->intOrNull('value_cents'),
            $row->intOrNull('replace_cents'),
            PieceState::word($row->int('assessed'), $row->intOrNull('planned_from'), $row->int('steps'), $row->int('begun'), null !== $row->textOrNull('finished_at')),
            $row->int('ticket_id'),
            Tag::of($row->int('ticket_id'), $row->int('place')),
            $row->text('customer'),
            $row->text('wish'),
            Iso::always($row->text('promised_at')),
            self::parts($stored, $piece),
            array_map(self::finding(...), $stored->findings()),
            $this->trials($id),
            Differences::of($piece),
            $this->past($id, $row),
        );
    }

    /** @return list<PartView> */
    private static function parts(StoredPiece $stored, Piece $piece): array
    {
        $judged = [];

        return array_map(static function (StoredPart $one) use ($piece, &$judged): PartView {
            $part = $one->toCore();
            $at = $part->at;
            $results = $piece->resultsAt($at);
            $asked = Certainty::Known !== $part->certainty || [] !== $results;
            // Parts of the same stuff with the same trials are judged once.
            $key = $asked ? serialize([$piece->kind->materialsFor($at->part), $results, PartName::HeelStack === $at->part]) : '';
            $judged[''] = [[], null, []];
            $judged[$key] ??= self::judge($piece, $at);
            [$odds, $next, $contradictions] = $judged[$key];

            return new PartView(
                $at->half->value,
                $at->part->value,
                $part->material->value,
                $part->certainty->value,
                $part->dryness->value,
                $part->shade->value,
                $part->shade->lab()->toSrgbHex(),
                array_map(static fn (Flag $f): string => $f->value, $part->flags),
                $part->areaDm2,
                null === $part->agreed ? null : new AgreedView($part->agreed->aim->value, $part->agreed->gloss->value, $part->agreed->patina->value),
                $one->isOff(),
                $one->isOverruled(),
                $odds,
                $next,
                $contradictions,
            );
        }, $stored->parts());
    }

    /** @return array{list<OddsView>, ?string, list<string>} the likeliest materials, the trial to do next, what does not go together */
    private static function judge(Piece $piece, Place $at): array
    {
        $belief = $piece->beliefAt($at);

        return [
            array_map(static fn (Material $m): OddsView => new OddsView($m->value, round($belief->of($m), 3)), \array_slice($belief->atLeast(0.01), 0, self::ODDS_SHOWN)),
            $piece->nextTrialAt($at)?->trial->value,
            array_map(static fn (Contradiction $c): string => $c->sentence(), Finder::contradictions($piece->kind->materialsFor($at->part), $piece->resultsAt($at))),
        ];
    }

    private static function finding(StoredFinding $stored): FindingView
    {
        $finding = $stored->toCore();

        return new FindingView(
            $stored->id() ?? 0,
            $finding->at->half->value,
            $finding->at->part->value,
            $finding->kind->value,
            $finding->kind->label(),
            $finding->kind->group()->value,
            $finding->severity->value,
            $finding->lengthMm,
            $finding->widthMm,
            $finding->depthMm,
            $finding->share,
        );
    }

    /** @return list<TrialView> */
    private function trials(int $id): array
    {
        return array_map(static fn (Row $t): TrialView => new TrialView(
            $t->int('id'),
            $t->text('half'),
            $t->text('part'),
            $t->words('speaks_for'),
            $t->text('trial'),
            $t->text('outcome'),
            $t->textOrNull('product'),
            self::hex($t->textOrNull('lab_before')),
            self::hex($t->textOrNull('lab_after')),
            Iso::always($t->text('at')),
            $t->text('person'),
        ), Row::all($this->connection, 'SELECT t.*, w.name AS person FROM trial t JOIN person w ON w.id = t.by_id WHERE t.piece_id = ? ORDER BY t.id', [$id]));
    }

    private static function hex(?string $lab): ?string
    {
        $values = null === $lab ? null : json_decode($lab);

        return \is_array($values) && 3 === \count($values) && is_numeric($values[0]) && is_numeric($values[1]) && is_numeric($values[2])
            ? Lab::of((float) $values[0], (float) $values[1], (float) $values[2])->toSrgbHex() : null;
    }

    /** @return list<PastPieceView> */
    private function past(int $id, Row $row): array
    {
        return array_map(
            static fn (Row $p): PastPieceView => new PastPieceView($p->int('id'), $p->text('name'), Tag::of($p->int('ticket_id'), $p->int('place'))),
            Row::all(
                $this->connection,
                'SELECT p.id, p.name, p.ticket_id, '.Tag::PLACE.' AS place FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE t.customer = ? AND p.kind = ? AND p.id <> ? AND p.assessed > 0 ORDER BY p.id DESC LIMIT 8',
                [$row->text('customer'), $row->text('kind'), $id],
            ),
        );
    }
}
