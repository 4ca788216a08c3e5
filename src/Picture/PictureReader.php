<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class PictureReader
{
    public function __construct(private Connection $connection)
    {
    }

    /** @throws NotFoundHttpException */
    public function of(int $piece): PicturesView
    {
        $kind = Row::first($this->connection, 'SELECT kind FROM piece WHERE id = ?', [$piece]) ?? throw new NotFoundHttpException();
        $pictures = array_map(static fn (Row $r): PictureView => new PictureView(
            id: $r->int('id'),
            moment: $r->enum('moment', Moment::class),
            half: $r->enumOrNull('half', Half::class),
            part: $r->enumOrNull('part', PartName::class),
            side: $r->enumOrNull('side', Side::class),
            width: $r->int('width'),
            height: $r->int('height'),
            thumb: \sprintf('/api/pictures/%d/%s/thumb.jpg', $r->int('id'), substr($r->text('digest'), 0, 12)),
            full: \sprintf('/api/pictures/%d/%s/full.jpg', $r->int('id'), substr($r->text('digest'), 0, 12)),
            at: Iso::always($r->text('at')),
        ), Row::all($this->connection, 'SELECT * FROM picture WHERE piece_id = ? ORDER BY id', [$piece]));

        return new PicturesView($piece, $pictures, self::missing(Kind::from($kind->text('kind')), $pictures));
    }

    /**
     * @param list<PictureView> $pictures
     *
     * @return list<MissingPictureView>
     */
    private static function missing(Kind $kind, array $pictures): array
    {
        $missing = [];
        foreach ($kind->halves() as $half) {
            foreach (Side::set($kind) as $side) {
                $taken = array_filter($pictures, static fn (PictureView $p): bool => Moment::Before === $p->moment && $p->side === $side && $p->half === $half);
                if ([] === $taken) {
                    $missing[] = new MissingPictureView($half, $side, (Half::Whole === $half ? '' : $half->value.' ').$side->label());
                }
            }
        }

        return $missing;
    }
}
