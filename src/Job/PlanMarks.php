<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\Event\PostPersistEventArgs;
use Doctrine\ORM\Event\PostRemoveEventArgs;
use Doctrine\ORM\Event\PostUpdateEventArgs;
use Doctrine\ORM\Events;
use KindHeel\App\Database\Row;

/**
 * Marks by which what was made of the steps and parts of a piece is known to hold still. They are drawn, not counted: what was undone, or brought back from a
 * backup, never has the mark of something else.
 */
#[AsDoctrineListener(Events::postPersist)]
#[AsDoctrineListener(Events::postUpdate)]
#[AsDoctrineListener(Events::postRemove)]
#[AsDoctrineListener(Events::onFlush)]
#[AsDoctrineListener(Events::postFlush)]
final class PlanMarks
{
    /** Of a piece `p`: null where nothing of it has changed since it came. */
    public const COLUMN = '(SELECT m.mark FROM plan_mark m WHERE m.piece_id = p.id) AS mark';

    /** @var array<int, true> by piece, since the flush began */
    private array $changed = [];

    public function __construct(private readonly Connection $connection)
    {
    }

    /**
     * @param list<int> $pieces
     *
     * @return array<int, string> by piece; none where nothing of it has changed since it came
     */
    public function of(array $pieces): array
    {
        $marks = [];
        foreach ([] === $pieces ? [] : Row::all(
            $this->connection,
            'SELECT piece_id, mark FROM plan_mark WHERE piece_id IN (?)',
            [$pieces],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $marks[$row->int('piece_id')] = $row->text('mark');
        }

        return $marks;
    }

    /**
     * Steps or parts of these pieces are others than they were. It is part of the transaction that changes them: nobody sees the one without the other.
     *
     * @param list<int> $pieces
     */
    public function changed(array $pieces): void
    {
        if ([] === $pieces) {
            return;
        }
        if (!$this->connection->isTransactionActive()) {
            throw new \LogicException('Steps and parts change within a transaction.');
        }
        // One order for all who change several: none waits for one that waits for it.
        sort($pieces);
        $values = [];
        foreach ($pieces as $piece) {
            array_push($values, $piece, bin2hex(random_bytes(8)));
        }
        $this->connection->executeStatement(
            'INSERT INTO plan_mark (piece_id, mark) VALUES '.implode(', ', array_fill(0, \count($pieces), '(?, ?)'))
                .' ON DUPLICATE KEY UPDATE mark = VALUES(mark)',
            $values,
        );
    }

    /** All steps came from elsewhere, past the entities. */
    public function allChanged(): void
    {
        $open = Row::all($this->connection, 'SELECT p.id FROM piece p WHERE p.finished_at IS NULL AND '.Steps::EXIST);
        $this->connection->transactional(function () use ($open): void {
            $this->connection->executeStatement('DELETE FROM plan_mark');
            $this->changed(array_map(static fn (Row $r): int => $r->int('id'), $open));
        });
    }

    public function onFlush(): void
    {
        $this->changed = [];
    }

    public function postPersist(PostPersistEventArgs $event): void
    {
        $this->note($event->getObject());
    }

    public function postUpdate(PostUpdateEventArgs $event): void
    {
        $this->note($event->getObject());
    }

    public function postRemove(PostRemoveEventArgs $event): void
    {
        $this->note($event->getObject());
    }

    public function postFlush(): void
    {
        $pieces = array_keys($this->changed);
        $this->changed = [];
        $this->changed($pieces);
    }

    private function note(object $entity): void
    {
        if ($entity instanceof StoredStep || $entity instanceof StoredPart) {
            $this->changed[$entity->piece()->id()] = true;
        }
    }
}
