<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Files\CsvTable;
use KindHeel\App\Job\Owner;
use KindHeel\App\Job\OwnerSearch;
use KindHeel\App\Job\Passport;
use KindHeel\App\Job\ReachedBy;
use KindHeel\Core\Care\CareDue;
use KindHeel\Core\Colour\Shade;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Owners, page by page, and one with their pieces. */
final readonly class OwnerReader
{
    private const PAGE = 40;
    private const ALIKE = 5;
    private const COLUMNS = 'SELECT o.id, o.name, o.ways, o.likes, o.since,
            (SELECT COUNT(*) FROM passport s WHERE s.owner_id = o.id) AS pieces,
            (SELECT COUNT(*) FROM ticket t JOIN piece p ON p.ticket_id = t.id WHERE t.owner_id = o.id AND p.collected_at IS NULL) AS here,
            (SELECT MAX(t.opened_at) FROM ticket t WHERE t.owner_id = o.id) AS last
        FROM owner o';

    public function __construct(private EntityManagerInterface $entities, private Connection $connection, private CareFacts $care)
    {
    }

    /** By a few letters of the name or of how they are reached. */
    public function page(string $find, int $page): OwnerListView
    {
        [$found, $said] = OwnerSearch::condition($find);
        $rows = Row::all(
            $this->connection,
            self::COLUMNS.\sprintf(' WHERE %s ORDER BY o.name, o.id LIMIT %d OFFSET %d', $found, self::PAGE + 1, self::PAGE * $page),
            $said,
        );

        return new OwnerListView(array_map(self::row(...), \array_slice($rows, 0, self::PAGE)), $page, \count($rows) > self::PAGE);
    }

    /** @return list<OwnerRowView> by name */
    public function all(): array
    {
        return array_map(self::row(...), Row::all(
            $this->connection,
            self::COLUMNS.' WHERE o.erased_at IS NULL ORDER BY o.name, o.id LIMIT '.CsvTable::MOST_ROWS,
        ));
    }

    public function one(int $id): OwnerDetailsView
    {
        $owner = $this->entities->find(Owner::class, $id) ?? throw new NotFoundHttpException();

        return new OwnerDetailsView(
            $owner->id(),
            $owner->version(),
            $owner->name(),
            array_map(static fn (array $w): ReachView => new ReachView(ReachedBy::from($w['by']), $w['at']), $owner->ways()),
            $owner->likes(),
            $owner->language(),
            $owner->notes(),
            $owner->mayKeepPictures(),
            $owner->mayBeReminded(),
            (string) Iso::of($owner->since()),
            $owner->isErased(),
            $this->pieces($owner),
            $this->alike($owner),
        );
    }

    /** @return list<PassportRowView> the last that was here first */
    private function pieces(Owner $owner): array
    {
        $passports = $this->entities->getRepository(Passport::class)->findBy(['owner' => $owner]);
        $rows = [];
        foreach ([] === $passports ? [] : Row::all(
            $this->connection,
            'SELECT p.passport_id, COUNT(*) AS visits, MAX(t.opened_at) AS last, SUM(p.collected_at IS NULL) AS here,
                    (SELECT v.shade FROM piece_part v WHERE v.piece_id = MAX(p.id) ORDER BY v.id LIMIT 1) AS shade
             FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.passport_id IN (?) GROUP BY p.passport_id',
            [array_map(static fn (Passport $p): int => $p->id(), $passports)],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $rows[$row->int('passport_id')] = $row;
        }
        $due = $this->care->of($passports);
        $views = [];
        foreach ($passports as $passport) {
            $row = $rows[$passport->id()] ?? null;
            $next = array_values(array_filter($due[$passport->id()], static fn (CareDue $d): bool => $d->isWorthAWord()))[0] ?? null;
            $views[] = new PassportRowView(
                $passport->id(),
                $passport->name(),
                $passport->kind(),
                (Shade::tryFrom($row?->textOrNull('shade') ?? '') ?? Shade::Chestnut)->hex(),
                $row?->int('visits') ?? 0,
                Iso::of($row?->timeOrNull('last') ?? $passport->since()) ?? '',
                ($row?->int('here') ?? 0) > 0,
                $next?->kind->label(),
                Iso::of($next?->at),
            );
        }
        usort($views, static fn (PassportRowView $a, PassportRowView $b): int => [$b->lastAt, $b->id] <=> [$a->lastAt, $a->id]);

        return $views;
    }

    /** @return list<OwnerRowView> of the same name, or reached in the same way */
    private function alike(Owner $owner): array
    {
        return array_map(self::row(...), Row::all(
            $this->connection,
            self::COLUMNS.' WHERE ('.OwnerSearch::REACHED_OR_CALLED.') AND o.id <> ? AND o.erased_at IS NULL ORDER BY o.name, o.id LIMIT '.self::ALIKE,
            [array_column($owner->ways(), 'at'), $owner->name(), $owner->id()],
            [ArrayParameterType::STRING],
        ));
    }

    private static function row(Row $row): OwnerRowView
    {
        /** @var list<array{by: string, at: string}> $ways */
        $ways = $row->json('ways');

        return new OwnerRowView(
            $row->int('id'),
            $row->text('name'),
            Owner::contactOf($ways, $row->textOrNull('likes')),
            $row->int('pieces'),
            $row->int('here'),
            Iso::of($row->timeOrNull('last') ?? $row->time('since')) ?? '',
        );
    }
}
