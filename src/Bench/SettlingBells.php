<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;

/** Places that come back are read after two hours and next day, unless they have been by then (W-10). */
final class SettlingBells
{
    /** Of a piece p: what was laid on it since a moment, and when the place was last read. It comes with the pieces, in one statement. */
    public const COLUMN = "(SELECT JSON_ARRAYAGG(JSON_OBJECT('half', s.half, 'part', s.part, 'family', s.family, 'laid', s.laid_at, 'looked',
        (SELECT MAX(r.at) FROM reading r WHERE r.piece_id = s.piece_id AND r.half = s.half AND r.part = s.part AND r.spot = 'settling' AND r.at >= s.laid_at)))
        FROM settling s WHERE s.piece_id = p.id AND s.laid_at > ?) AS settling";

    private const HOURS = [2, 24];
    private const RECENT = '-30 hours';

    public static function since(\DateTimeImmutable $now): string
    {
        return $now->modify(self::RECENT)->format('Y-m-d H:i:s');
    }

    /** @return list<BellView> */
    public static function of(Row $piece): array
    {
        if (null === $piece->textOrNull('settling')) {
            return [];
        }
        $bells = [];
        /** @var list<array{half: string, part: string, family: string, laid: string, looked: string|null}> $settlings */
        $settlings = $piece->json('settling');
        foreach ($settlings as $settling) {
            $place = new Place(PartName::from($settling['part']), Half::from($settling['half']));
            $what = Family::of(FamilyId::from($settling['family']))->label;
            $looked = null === $settling['looked'] ? null : new \DateTimeImmutable($settling['looked']);
            foreach (self::HOURS as $hours) {
                $at = (new \DateTimeImmutable($settling['laid']))->modify("+$hours hours");
                if (null === $looked || $looked < $at) {
                    $bells[] = new BellView((string) Iso::of($at), \sprintf('Read the %s: how far it has come back from %s.', $place->label(), $what));
                }
            }
        }

        return $bells;
    }
}
