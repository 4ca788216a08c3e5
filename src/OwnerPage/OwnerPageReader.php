<?php

declare(strict_types=1);

namespace KindHeel\App\OwnerPage;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Signature;
use KindHeel\Core\Assessment\Disclosure\Declined;
use KindHeel\Core\Assessment\Disclosure\Prospect;
use KindHeel\Core\Treatment\Planning\OpenQuestion;
use KindHeel\Core\Treatment\Planning\OpenQuestions;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class OwnerPageReader
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private AirHistory $air,
        private OwnerPages $pages,
        private AgreedPrice $prices,
    ) {
    }

    /** @throws NotFoundHttpException */
    public function of(int $id): OwnerPageView
    {
        $stored = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $page = $this->pages->of($stored);
        $newest = $this->newest($id);

        return new OwnerPageView(
            $id,
            $stored->version(),
            $page->sentences(Prospect::Gone),
            $page->sentences(Prospect::Softer),
            $page->sentences(Prospect::Stays),
            $page->risks,
            array_map(static fn (Declined $d): DeclinedView => new DeclinedView($d->rule, $d->sentence, $d->to), $page->declined),
            1 === $newest->intOrNull('taken') ? $this->prices->of($stored) : null,
            self::signed($newest, $stored->assessed()),
        );
    }

    /**
     * Planned once for every material that a part may well be: some hundreds of milliseconds, so it is asked for apart.
     *
     * @throws NotFoundHttpException
     */
    public function questions(int $id): QuestionsView
    {
        $stored = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();

        return new QuestionsView(array_map(
            static fn (OpenQuestion $q): QuestionView => new QuestionView($q->places[0]->half, $q->places[0]->part, $q->plans, $q->trial, $q->sentence),
            OpenQuestions::of($stored->toCore(), $this->air->now()),
        ));
    }

    /** @param Row $row of {@see newest()} */
    private static function signed(Row $row, int $assessed): ?SignedView
    {
        return null === $row->textOrNull('signed_by') ? null : new SignedView(
            $row->text('signed_by'),
            Iso::always($row->text('at')),
            Signature::path($row->json('strokes')),
            $row->int('assessed') !== $assessed,
        );
    }

    /** The newest signature, and whether something of an offer was taken; both may lack. */
    private function newest(int $piece): Row
    {
        return Row::first(
            $this->connection,
            'SELECT a.signed_by, a.at, a.strokes, a.assessed,
                    (SELECT o.chosen IS NOT NULL FROM offer o WHERE o.piece_id = ? ORDER BY o.id DESC LIMIT 1) AS taken
                FROM (SELECT 1) one LEFT JOIN agreement a ON a.id = (SELECT MAX(id) FROM agreement WHERE piece_id = ?)',
            [$piece, $piece],
        ) ?? throw new \LogicException('One row is always there.');
    }
}
