<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use Doctrine\DBAL\Connection;
use KindHeel\App\Http\Iso;
use KindHeel\Core\Assessment\FindingKind;
use KindHeel\Core\Colour\Shade;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class PieceReader
{
    public function __construct(private Connection $connection)
    {
    }

    /** @throws NotFoundHttpException */
    public function one(int $id): PieceView
    {
        $row = $this->connection->fetchAssociative(
            'SELECT p.*, t.customer, t.wish, t.promised_at,
                    (SELECT COUNT(*) FROM plan_step s WHERE s.piece_id = p.id) AS steps,
                    (SELECT COUNT(*) FROM plan_step s WHERE s.piece_id = p.id AND s.status <> \'open\') AS begun
             FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.id = ?',
            [$id],
        );
        if (false === $row) {
            throw new NotFoundHttpException();
        }

        return new PieceView(
            $id,
            (int) $row['version'],
            (string) $row['name'],
            (string) $row['kind'],
            (float) $row['size_eu'],
            (string) $row['aim'],
            (string) $row['gloss'],
            PieceState::word((int) $row['assessed'], null === $row['planned_from'] ? null : (int) $row['planned_from'], (int) $row['steps'], (int) $row['begun'], null !== $row['finished_at']),
            (int) $row['ticket_id'],
            (string) $row['customer'],
            (string) $row['wish'],
            Iso::always((string) $row['promised_at']),
            array_map(static fn (array $p): PartView => new PartView(
                (string) $p['half'],
                (string) $p['part'],
                (string) $p['material'],
                (string) $p['certainty'],
                (string) $p['dryness'],
                (string) $p['shade'],
                Shade::from((string) $p['shade'])->lab()->toSrgbHex(),
                json_decode((string) $p['flags'], true, flags: \JSON_THROW_ON_ERROR),
            ), $this->connection->fetchAllAssociative('SELECT * FROM piece_part WHERE piece_id = ? ORDER BY id', [$id])),
            array_map(static fn (array $f): FindingView => new FindingView(
                (int) $f['id'],
                (string) $f['half'],
                (string) $f['part'],
                (string) $f['kind'],
                FindingKind::from((string) $f['kind'])->label(),
                FindingKind::from((string) $f['kind'])->group()->value,
                (int) $f['severity'],
                self::number($f['length_mm']),
                self::number($f['width_mm']),
                self::number($f['depth_mm']),
                self::number($f['share']),
            ), $this->connection->fetchAllAssociative('SELECT * FROM finding WHERE piece_id = ? ORDER BY id', [$id])),
        );
    }

    private static function number(mixed $value): ?float
    {
        return null === $value ? null : (float) $value;
    }
}
