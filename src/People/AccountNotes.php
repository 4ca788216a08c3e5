<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use Symfony\Component\HttpFoundation\RequestStack;

/** Tells somebody, wherever they are signed in, that how they sign in has changed. */
final readonly class AccountNotes
{
    private const MOST = 5;

    public function __construct(private Connection $connection, private RequestStack $requests)
    {
    }

    public function say(int $person, AccountChange $what): void
    {
        $agent = $this->requests->getCurrentRequest()?->headers->get('User-Agent') ?? '';
        $this->connection->executeStatement(
            'INSERT INTO account_note (person_id, what, device, at) VALUES (?, ?, ?, UTC_TIMESTAMP())',
            [$person, $what->value, '' === $agent ? 'the machine itself' : SignIns::device($agent)],
        );
    }

    /** @return list<AccountNoteView> that they have not seen yet, the newest first */
    public function unseen(int $person): array
    {
        return array_map(static fn (Row $r): AccountNoteView => new AccountNoteView(
            $r->enum('what', AccountChange::class),
            $r->text('device'),
            Iso::always($r->text('at')),
        ), Row::all(
            $this->connection,
            'SELECT what, device, at FROM account_note WHERE person_id = ? AND seen_at IS NULL ORDER BY id DESC LIMIT '.self::MOST,
            [$person],
        ));
    }

    /** It was them. */
    public function seen(int $person): void
    {
        $this->connection->executeStatement('UPDATE account_note SET seen_at = UTC_TIMESTAMP() WHERE person_id = ? AND seen_at IS NULL', [$person]);
    }
}
