<?php

declare(strict_types=1);

namespace KindHeel\App\Staff;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\People\Person;
use KindHeel\App\People\Role;
use KindHeel\App\People\SignIns;

/** Reads everybody in one query. */
final readonly class StaffReader
{
    public function __construct(private Connection $connection)
    {
    }

    public function view(int $you, ?GivenWord $given = null): StaffView
    {
        return new StaffView(array_map(static fn (Row $r): StaffRowView => new StaffRowView(
            $r->int('id'),
            $r->text('login'),
            $r->text('name'),
            $r->enum('role', Role::class),
            $r->int('version'),
            null === $r->textOrNull('left_on') ? null : substr($r->text('left_on'), 0, 10),
            Iso::fromRow($r->textOrNull('one_time_until')),
            Iso::fromRow($r->textOrNull('seen_at')),
            $r->int('signed_in'),
            $r->flag('second_factor'),
            $you === $r->int('id'),
        ), Row::all(
            $this->connection,
            'SELECT p.id, p.login, p.name, p.role, p.version, p.left_on, p.one_time_until, p.second_factor IS NOT NULL AS second_factor,
                (SELECT MAX(s.seen_at) FROM sign_in s WHERE s.person_id = p.id) AS seen_at,
                (SELECT COUNT(*) FROM sign_in s WHERE s.person_id = p.id AND '.SignIns::GOES_ON.') AS signed_in
             FROM person p WHERE p.login NOT LIKE ? ORDER BY p.left_on IS NOT NULL, p.name, p.id',
            [Person::ELSEWHERE.'%'],
        )), Role::cases(), $given?->word, $given?->person);
    }
}
