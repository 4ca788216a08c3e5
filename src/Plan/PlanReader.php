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
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Aim;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class PlanReader
{
    public function __construct(private Connection $connection, private Steps $steps, private EntityManagerInterface $entities, private PlanTerms $terms)
    {
    }

    public function of(int $piece): PlanView
    {
        $row = Row::first(
            $this->connection,
            'SELECT p.*, t.customer, t.promised_at, '.Steps::COUNTED.' FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.id = ?',
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
            $piece,
            $row->int('version'),
            $row->text('name'),
            $row->enum('kind', Kind::class),
            $row->enum('aim', Aim::class),
            $row->text('customer'),
            Iso::always($row->text('promised_at')),
            PieceProgress::of($row),
            null !== $from,
            null !== $from && $from !== $assessed,
            $steps,
            array_map(
                static fn (array $r): RefusedView => new RefusedView($r['rule'], $r['text'], array_map(PartName::from(...), $r['parts'] ?? [])),
                $remarks['refused'] ?? [],
            ),
            self::remarks($remarks['referrals'] ?? []),
            self::remarks($remarks['tellOwner'] ?? []),
            self::remarks($remarks['dropped'] ?? []),
            self::remarks($remarks['changes'] ?? []),
            null === $stored ? [] : Faults::of($stored),
            PlanKit::of($details),
            SchoolsView::of($this->terms->workshop(), $own)->schools,
            PlanRequest::unwanted($row->words('terms_exclude')),
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
