<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\Owner;
use KindHeel\App\Job\OwnerSearch;
use KindHeel\App\Job\Tag;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;

/** Owners by a few letters of their name or figures of their telephone; two queries. */
final readonly class Owners
{
    private const MOST = 6;
    private const PIECES = 6;

    public function __construct(private Connection $connection)
    {
    }

    public function find(string $letters): OwnersView
    {
        $letters = trim($letters);
        if (mb_strlen($letters) < 2) {
            return new OwnersView([]);
        }
        [$found, $said] = OwnerSearch::condition($letters);
        $owners = Row::all(
            $this->connection,
            "SELECT o.id, o.name, o.ways, o.likes, COALESCE((SELECT MAX(t.opened_at) FROM ticket t WHERE t.owner_id = o.id), o.since) AS last
             FROM owner o WHERE $found ORDER BY last DESC LIMIT ".self::MOST,
            $said,
        );
        $pieces = [];
        foreach ([] === $owners ? [] : Row::all(
            $this->connection,
            'SELECT p.id, p.name, p.kind, p.size_eu, p.length_mm, p.aim, p.gloss, p.ticket_id AS ticket, '.Tag::PLACE.' AS place, s.owner_id, v.shade
             FROM passport s JOIN piece p ON p.id = (SELECT MAX(f.id) FROM piece f WHERE f.passport_id = s.id)
             JOIN piece_part v ON v.id = (SELECT MIN(f.id) FROM piece_part f WHERE f.piece_id = p.id)
             WHERE s.owner_id IN (?) ORDER BY p.id DESC LIMIT 200',
            [array_map(static fn (Row $r): int => $r->int('id'), $owners)],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $whose = $row->int('owner_id');
            $pieces[$whose] ??= [];
            // The same pair, brought again, is offered once: as it was last time.
            if (\count($pieces[$whose]) < self::PIECES && !isset($pieces[$whose][$row->text('name').$row->text('kind')])) {
                $pieces[$whose][$row->text('name').$row->text('kind')] = new OwnerPieceView(
                    $row->int('id'),
                    Tag::of($row->int('ticket'), $row->int('place')),
                    $row->text('name'),
                    $row->enum('kind', Kind::class),
                    $row->floatOrNull('size_eu'),
                    $row->floatOrNull('length_mm'),
                    $row->enum('shade', Shade::class),
                    $row->enum('aim', Aim::class),
                    $row->enum('gloss', Gloss::class),
                );
            }
        }

        return new OwnersView(array_map(static fn (Row $r): OwnerView => new OwnerView(
            $r->int('id'),
            $r->text('name'),
            Owner::contactOf(self::ways($r), $r->textOrNull('likes')),
            Iso::always($r->text('last')),
            array_values($pieces[$r->int('id')] ?? []),
        ), $owners));
    }

    /** @return list<array{by: string, at: string}> */
    private static function ways(Row $row): array
    {
        /** @var list<array{by: string, at: string}> $ways */
        $ways = $row->json('ways');

        return $ways;
    }
}
