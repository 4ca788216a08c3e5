<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PieceFamily;

/** From where a picture of the *before* set is taken (O-1). */
enum Side: string
{
    case Outer = 'outer-side';
    case Inner = 'inner-side';
    case Toe = 'toe';
    case Heel = 'heel';
    case Sole = 'sole';
    case Inside = 'inside';
    case Front = 'front';
    case Back = 'back';
    case Base = 'base';
    case Corners = 'corners';
    case Lining = 'lining';
    case Edges = 'edges';

    /** @return list<self> the set that is taken before anything wet, of each half */
    public static function set(Kind $kind): array
    {
        return match ($kind->family()) {
            PieceFamily::Bag => [self::Front, self::Back, self::Base, self::Corners, self::Lining],
            PieceFamily::Garment => Kind::Gloves === $kind ? [self::Back, self::Inside] : [self::Front, self::Back, self::Lining],
            PieceFamily::SmallGoods => [self::Front, self::Back, self::Edges],
            default => [self::Outer, self::Inner, self::Toe, self::Heel, self::Sole, self::Inside],
        };
    }

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
