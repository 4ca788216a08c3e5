<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\Owner;
use KindHeel\Core\Text\FieldError;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Who somebody is, and that two are one. */
final readonly class KeepOwner
{
    private const CONTACT = 160;

    public function __construct(private EntityManagerInterface $entities, private Connection $connection)
    {
    }

    /** @throws Refused|FieldError */
    public function details(int $id, OwnerDetailsInput $input): void
    {
        $owner = $this->owner($id, $input->version);
        $ways = array_map(static fn (ReachInput $w): array => ['by' => $w->by->value, 'at' => trim($w->at)], $input->ways);
        if (null !== $input->likes && !\in_array($input->likes->value, array_column($ways, 'by'), true)) {
            throw new FieldError('likes', 'Write down how they are reached that way first.');
        }
        $owner->is(trim($input->name), $ways, $input->likes, trim($input->language), trim($input->notes), $input->mayKeepPictures, $input->mayRemind);
        $this->writeOn($owner);
        $this->unsay($owner);
    }

    /**
     * The other's pieces and tickets become theirs; the other is gone.
     *
     * @throws Refused|FieldError
     */
    public function join(int $id, JoinInput $input): void
    {
        if ($id === $input->other) {
            throw new FieldError('other', 'That is the same owner.');
        }
        $owner = $this->owner($id, $input->version);
        $other = $this->entities->find(Owner::class, $input->other, LockMode::PESSIMISTIC_WRITE);
        if (null === $other || $other->isErased()) {
            throw new FieldError('other', 'That owner is not known here.');
        }
        $owner->takesOver($other);
        foreach (['ticket', 'passport', 'message'] as $table) {
            $this->connection->executeStatement("UPDATE $table SET owner_id = ? WHERE owner_id = ?", [$owner->id(), $other->id()]);
        }
        $this->entities->remove($other);
        $this->writeOn($owner);
        $this->unsay($owner);
    }

    /** Who does not want to be reminded is not: letters and calls that wait for hands wait no more. */
    private function unsay(Owner $owner): void
    {
        if ($owner->mayBeReminded()) {
            return;
        }
        $waiting = "m.owner_id = ? AND m.occasion = 'care' AND m.state IN ('waiting', 'failed')";
        $this->connection->executeStatement("DELETE a FROM message_about a JOIN message m ON m.id = a.message_id WHERE $waiting", [$owner->id()]);
        $this->connection->executeStatement(
            "UPDATE message m SET m.state = 'stopped', m.version = m.version + 1, m.failure = 'They do not want to be reminded any more.' WHERE $waiting",
            [$owner->id()],
        );
    }

    /** Tickets say who somebody is as it is known now. */
    private function writeOn(Owner $owner): void
    {
        $this->connection->executeStatement(
            'UPDATE ticket SET customer = ?, contact = ? WHERE owner_id = ?',
            [$owner->name(), mb_substr($owner->contact(), 0, self::CONTACT), $owner->id()],
        );
    }

    private function owner(int $id, int $version): Owner
    {
        $owner = $this->entities->find(Owner::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw new NotFoundHttpException();
        if ($owner->isErased()) {
            throw Refused::now('This owner has been erased; nothing is kept of them.');
        }
        if ($owner->version() !== $version) {
            throw Refused::stale('Somebody has changed this owner meanwhile. Look at them once more.');
        }

        return $owner;
    }
}
