<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\Core\Assessment\FindingKind;
use KindHeel\Core\Colour\Shade;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class PieceReader
{
    public function __construct(private Connection $connection)
    {
    }

    /** @throws NotFoundHttpException */
    public function one(int $id): PieceView
    {
        $row = Row::first(
            $this->connection,
            'SELECT p.*, t.customer, t.wish, t.promised_at,
                    (SELECT COUNT(*) FROM plan_step s WHERE s.piece_id = p.id) AS steps,
                    (SELECT COUNT(*) FROM plan_step s WHERE s.piece_id = p.id AND s.status <> \'open\') AS begun
             FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.id = ?',
            [$id],
        );
        if (null === $row) {
            throw new NotFoundHttpException();
        }

        return new PieceView(
            $id,
            $row->int('version'),
            $row->text('name'),
            $row->text('kind'),
            $row->float('size_eu'),
            $row->text('aim'),
            $row->text('gloss'),
            PieceState::word($row->int('assessed'), $row->intOrNull('planned_from'), $row->int('steps'), $row->int('begun'), null !== $row->textOrNull('finished_at')),
            $row->int('ticket_id'),
            $row->text('customer'),
            $row->text('wish'),
            Iso::always($row->text('promised_at')),
            array_map(static fn (Row $p): PartView => new PartView(
                $p->text('half'),
                $p->text('part'),
                $p->text('material'),
                $p->text('certainty'),
                $p->text('dryness'),
                $p->text('shade'),
                Shade::from($p->text('shade'))->lab()->toSrgbHex(),
                $p->words('flags'),
            ), Row::all($this->connection, 'SELECT * FROM piece_part WHERE piece_id = ? ORDER BY id', [$id])),
            array_map(static fn (Row $f): FindingView => new FindingView(
                $f->int('id'),
                $f->text('half'),
                $f->text('part'),
                $f->text('kind'),
                FindingKind::from($f->text('kind'))->label(),
                FindingKind::from($f->text('kind'))->group()->value,
                $f->int('severity'),
                $f->floatOrNull('length_mm'),
                $f->floatOrNull('width_mm'),
                $f->floatOrNull('depth_mm'),
                $f->floatOrNull('share'),
            ), Row::all($this->connection, 'SELECT * FROM finding WHERE piece_id = ? ORDER BY id', [$id])),
        );
    }
}
