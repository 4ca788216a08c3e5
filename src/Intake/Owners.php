<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
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
        $like = addcslashes($letters, '%_\\');
        $figures = preg_replace('/\D/', '', $letters) ?? '';
        $owners = Row::all(
            $this->connection,
            'SELECT t.customer, t.contact, MAX(t.opened_at) AS last FROM ticket t WHERE t.customer LIKE ? OR t.customer LIKE ? OR t.contact LIKE ?'
                .(\strlen($figures) > 2 ? ' OR REGEXP_REPLACE(t.contact, \'[^0-9]\', \'\') LIKE ?' : '')
                .' GROUP BY t.customer, t.contact ORDER BY last DESC LIMIT '.self::MOST,
            [$like.'%', '% '.$like.'%', '%'.$like.'%', ...\strlen($figures) > 2 ? ['%'.$figures.'%'] : []],
        );
        $names = array_map(static fn (Row $r): string => $r->text('customer'), $owners);
        $pieces = [];
        foreach ([] === $names ? [] : Row::all(
            $this->connection,
            'SELECT p.id, p.name, p.kind, p.size_eu, p.length_mm, p.aim, p.gloss, t.id AS ticket, '.Tag::PLACE.' AS place, t.customer, t.contact, v.shade
             FROM piece p JOIN ticket t ON t.id = p.ticket_id
             JOIN piece_part v ON v.id = (SELECT MIN(f.id) FROM piece_part f WHERE f.piece_id = p.id)
             WHERE t.customer IN (?) ORDER BY p.id DESC LIMIT 200',
            [$names],
            [ArrayParameterType::STRING],
        ) as $row) {
            $whose = $row->text('customer')."\n".$row->text('contact');
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
            $r->text('customer'),
            $r->text('contact'),
            Iso::always($r->text('last')),
            array_values($pieces[$r->text('customer')."\n".$r->text('contact')] ?? []),
        ), $owners));
    }
}
