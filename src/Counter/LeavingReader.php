<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Job\PlanRemarks;
use KindHeel\App\People\Signature;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What is to be ticked off, said and thought of before the pieces of a ticket go home. */
final readonly class LeavingReader
{
    public function __construct(private Connection $connection, private TicketReader $tickets, private Cure $cure)
    {
    }

    /** The ticket to which a piece belongs. */
    public function withPiece(int $piece): LeavingView
    {
        $row = Row::first($this->connection, 'SELECT ticket_id FROM piece WHERE id = ?', [$piece]) ?? throw new NotFoundHttpException();

        return $this->of($row->int('ticket_id'));
    }

    public function of(int $id): LeavingView
    {
        $ticket = $this->tickets->one($id);
        $off = [];
        foreach (Row::all(
            $this->connection,
            'SELECT f.piece_id, f.part, f.half FROM piece_part f JOIN piece p ON p.id = f.piece_id WHERE p.ticket_id = ? AND f.is_off = 1 ORDER BY f.id',
            [$id],
        ) as $row) {
            $place = new Place($row->enum('part', PartName::class), $row->enum('half', Half::class));
            $off[$row->int('piece_id')][] = new OffView($place->part, $place->half, $place->label());
        }
        $rows = [];
        foreach (Row::all(
            $this->connection,
            'SELECT p.id, p.remarks, (SELECT COUNT(*) FROM picture i WHERE i.piece_id = p.id AND i.moment = \'after\') AS pictures
             FROM piece p WHERE p.ticket_id = ?',
            [$id],
        ) as $row) {
            $rows[$row->int('id')] = $row;
        }
        $until = $this->cure->until(array_keys($rows));
        $pieces = $warnings = [];
        foreach ($ticket->pieces as $piece) {
            $cures = Iso::of($until[$piece->id] ?? null);
            if (PieceProgress::Collected === $piece->state && null !== $cures) {
                $warnings[] = new CareWarningView($piece->id, $piece->name, $cures);
            }
            if (!$piece->state->isAway()) {
                $row = $rows[$piece->id];
                $pieces[] = new LeavingPieceView($piece->id, $off[$piece->id] ?? [], PlanRemarks::told($row), self::missing($row, $piece->state), $cures);
            }
        }

        return new LeavingView($ticket, $pieces, $warnings, $this->gone($id));
    }

    /** @return list<HandedOverView> */
    private function gone(int $ticket): array
    {
        $gone = [];
        foreach (Row::all($this->connection, 'SELECT pieces, taken_by, at, strokes FROM collection WHERE ticket_id = ? ORDER BY id', [$ticket]) as $row) {
            $pieces = array_values(array_filter($row->json('pieces'), is_int(...)));
            // Of what stands on the shelf again nothing went home.
            if ([] !== $pieces) {
                $gone[] = new HandedOverView($pieces, $row->text('taken_by'), Iso::always($row->text('at')), Signature::path($row->json('strokes')));
            }
        }

        return $gone;
    }

    /** @return list<string> */
    private static function missing(Row $row, PieceProgress $state): array
    {
        return [
            ...PieceProgress::Ready === $state ? [] : ['It is not done yet.'],
            ...0 === $row->int('pictures') ? ['There is no picture of how it leaves.'] : [],
        ];
    }
}
