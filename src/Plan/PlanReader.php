<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Job\PlanRequest;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Shelf\PlansNeed;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Aim;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class PlanReader
{
    public function __construct(
        private Connection $connection,
        private Steps $steps,
        private EntityManagerInterface $entities,
        private PlanTerms $terms,
        private PlansNeed $plansNeed,
        private PlanDays $days,
    ) {
    }

    public function of(int $piece): PlanView
    {
        $row = Row::first(
            $this->connection,
            'SELECT p.*, t.customer, t.promised_at, t.promised, t.id AS ticket, '.Steps::COUNTED.'
                FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.id = ?',
            [$piece],
        );
        if (null === $row) {
            throw new NotFoundHttpException();
        }
        $details = $this->steps->detailsOfPiece($piece);
        $steps = array_map(StepReader::view(...), $details);
        /** @var array<string, string> $own */
        $own = $row->json('terms_schools');
        // Only a plan that hands have changed is judged again.
        $stored = 1 === $row->int('terms_by_hand') ? $this->entities->find(StoredPiece::class, $piece) : null;
        /** @var array<string, list<array{rule: string, text: string, parts?: list<string>}>> $remarks */
        $remarks = $row->json('remarks');
        $assessed = $row->int('assessed');
        $from = $row->intOrNull('planned_from');

        return new PlanView(
            piece: $row->int('id'),
            ticket: $row->int('ticket'),
            version: $row->int('version'),
            name: $row->text('name'),
            kind: $row->enum('kind', Kind::class),
            aim: $row->enum('aim', Aim::class),
            customer: $row->text('customer'),
            promisedAt: Iso::always($row->text('promised_at')),
            promised: $row->flag('promised'),
            state: PieceProgress::of($row),
            made: null !== $from,
            stale: null !== $from && $from !== $assessed,
            steps: $steps,
            refused: array_map(
                static fn (array $r): RefusedView => new RefusedView($r['rule'], $r['text'], array_map(PartName::from(...), $r['parts'] ?? [])),
                $remarks['refused'] ?? [],
            ),
            referrals: self::remarks($remarks['referrals'] ?? []),
            tellOwner: self::remarks($remarks['tellOwner'] ?? []),
            dropped: self::remarks($remarks['dropped'] ?? []),
            changes: self::remarks($remarks['changes'] ?? []),
            faults: null === $stored ? [] : Faults::of($stored),
            kit: PlanKit::of($details),
            short: $this->plansNeed->short($piece),
            schools: SchoolsView::of($this->terms->workshop(), $own)->schools,
            exclude: PlanRequest::unwanted($row->words('terms_exclude')),
            readyBy: Iso::fromRow($row->textOrNull('terms_ready_by')),
            byHand: 1 === $row->int('terms_by_hand'),
            handsOnMinutes: array_sum(array_map(static fn (StepView $s): float => $s->minutes, $steps)),
            elapsedMinutes: $row->float('elapsed_minutes'),
            days: null === $row->textOrNull('finished_at') ? $this->days->of($piece) : [],
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
