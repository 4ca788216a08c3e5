<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\App\Piece\PieceState;
use KindHeel\App\Piece\StoredPiece;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class PlanReader
{
    public function __construct(private Connection $connection, private EntityManagerInterface $entities, private PlanTerms $terms)
    {
    }

    public function of(int $piece): PlanView
    {
        $row = Row::first($this->connection, 'SELECT p.*, t.customer, t.promised_at FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.id = ?', [$piece]);
        if (null === $row) {
            throw new NotFoundHttpException();
        }
        $rows = Row::all(
            $this->connection,
            'SELECT s.*, w.name AS person FROM plan_step s LEFT JOIN person w ON w.id = s.started_by_id WHERE s.piece_id = ? ORDER BY s.position',
            [$piece],
        );
        $steps = array_map(StepReader::view(...), $rows);
        /** @var array<string, string> $own */
        $own = $row->json('terms_schools');
        // Only a plan that hands have changed is judged again.
        $stored = 1 === $row->int('terms_by_hand') ? $this->entities->find(StoredPiece::class, $piece) : null;
        /** @var array<string, list<array{rule: string, text: string, parts?: list<string>}>> $remarks */
        $remarks = $row->json('remarks');
        $begun = \count(array_filter($steps, static fn (StepView $s): bool => 'open' !== $s->status));
        $assessed = $row->int('assessed');
        $from = $row->intOrNull('planned_from');

        return new PlanView(
            $piece,
            $row->int('version'),
            $row->text('name'),
            $row->text('kind'),
            $row->text('aim'),
            $row->text('customer'),
            Iso::always($row->text('promised_at')),
            PieceState::word($assessed, $from, \count($steps), $begun, null !== $row->textOrNull('finished_at')),
            null !== $from,
            null !== $from && $from !== $assessed,
            $steps,
            array_map(static fn (array $r): RefusedView => new RefusedView($r['rule'], $r['text'], $r['parts'] ?? []), $remarks['refused'] ?? []),
            self::remarks($remarks['referrals'] ?? []),
            self::remarks($remarks['tellOwner'] ?? []),
            self::remarks($remarks['dropped'] ?? []),
            self::remarks($remarks['changes'] ?? []),
            null === $stored ? [] : Faults::of($stored),
            PlanKit::of($rows),
            SchoolsView::of($this->terms->workshop(), $own)->schools,
            $row->words('terms_exclude'),
            Iso::fromRow($row->textOrNull('terms_ready_by')),
            1 === $row->int('terms_by_hand'),
            array_sum(array_map(static fn (StepView $s): float => $s->minutes, $steps)),
            $row->float('elapsed_minutes'),
        );
    }

    /**
     * @param list<array{rule: string, text: string, parts?: list<string>}> $remarks
     *
     * @return list<RemarkView>
     */
    private static function remarks(array $remarks): array
    {
        return array_map(static fn (array $r): RemarkView => new RemarkView($r['rule'], $r['text']), $remarks);
    }
}
