<?php

declare(strict_types=1);

namespace KindHeel\App\OldList;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;

/** Who and what is known: what was here, and what the rows before have brought. */
final class OldListBook
{
    private const NOT_YET = 0;

    /** @var array<string, list<array{int, list<string>}>> number and how they are reached, by name */
    private array $owners = [];
    /** @var array<int, bool> who was known before, and whether a row has spoken of them */
    private array $before = [];
    /** @var array<string, true> */
    private array $visits = [];
    /** @var array<string, int> the newest of each piece */
    private array $passports = [];

    public function __construct(Connection $connection)
    {
        foreach (Row::all($connection, 'SELECT id, name, ways FROM owner WHERE erased_at IS NULL ORDER BY id') as $row) {
            $ways = array_map(static fn (array $w): string => \is_string($w['at'] ?? null) ? $w['at'] : '', $row->objects('ways'));
            $this->owners[mb_strtolower($row->text('name'))][] = [$row->int('id'), $ways];
            $this->before[$row->int('id')] = false;
        }
        foreach (Row::all(
            $connection,
            'SELECT o.name AS owner, p.name, p.kind, p.passport_id, DATE(t.opened_at) AS day
             FROM piece p JOIN ticket t ON t.id = p.ticket_id JOIN owner o ON o.id = t.owner_id ORDER BY p.id',
        ) as $row) {
            [$owner, $name, $kind] = [$row->text('owner'), $row->text('name'), $row->text('kind')];
            $this->visits[OldListRow::visitOf($owner, $name, $kind, $row->text('day'))] = true;
            $this->passports[OldListRow::visitOf($owner, $name, $kind, '')] = $row->int('passport_id');
        }
    }

    /** Who it is, if somebody of that name can be reached in one of those ways, or in none that is known. */
    public function owner(OldListRow $row): ?int
    {
        foreach ($this->owners[mb_strtolower($row->owner)] ?? [] as [$id, $ways]) {
            if ([] === $ways || [] === $row->ways || [] !== array_intersect(array_column($row->ways, 'at'), $ways)) {
                return $id;
            }
        }

        return null;
    }

    /** Somebody who was known before, and of whom no row has spoken yet. */
    public function meets(int $owner): bool
    {
        $first = false === ($this->before[$owner] ?? null);
        if ($first) {
            $this->before[$owner] = true;
        }

        return $first;
    }

    public function hasVisit(OldListRow $row): bool
    {
        return isset($this->visits[$row->visit()]);
    }

    public function passport(OldListRow $row): ?int
    {
        return $this->passports[OldListRow::visitOf($row->owner, $row->piece ?? '', $row->kind->value ?? '', '')] ?? null;
    }

    /** @param int|null $owner null while nothing is written */
    public function add(OldListRow $row, ?int $owner, ?int $passport): void
    {
        if (null === $this->owner($row)) {
            $this->owners[mb_strtolower($row->owner)][] = [$owner ?? self::NOT_YET, array_column($row->ways, 'at')];
        }
        if (null !== $row->kind) {
            $this->visits[$row->visit()] = true;
        }
        if (null !== $passport) {
            $this->passports[OldListRow::visitOf($row->owner, $row->piece ?? '', $row->kind->value ?? '', '')] = $passport;
        }
    }
}
