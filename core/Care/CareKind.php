<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;

/** A care that comes round. */
enum CareKind: string
{
    case Brush = 'brush';
    case Wipe = 'wipe';
    case Feed = 'feed';
    case Polish = 'polish';
    case Protect = 'protect';
    case SoleCheck = 'sole-check';
    case Store = 'store';

    public function label(): string
    {
        return match ($this) {
            self::Brush => Message::of('brush'),
            self::Wipe => Message::of('wipe'),
            self::Feed => Message::of('feed'),
            self::Polish => Message::of('polish'),
            self::Protect => Message::of('protect'),
            self::SoleCheck => Message::of('look at soles and heels'),
            self::Store => Message::of('get ready for storing'),
        };
    }

    /** What the shop does rather than the owner. */
    public function isTheShops(): bool
    {
        return self::SoleCheck === $this;
    }

    /** @return list<array{FamilyId, Applicator}> what a usual round takes of products, and what it is laid with */
    public function takes(): array
    {
        return match ($this) {
            self::Feed => [[FamilyId::Conditioner, Applicator::Cloth]],
            self::Polish => [[FamilyId::Cream, Applicator::Cloth]],
            self::Protect => [[FamilyId::Repellent, Applicator::SprayCan]],
            self::Store => [[FamilyId::CleanerNeutral, Applicator::Cloth], [FamilyId::Conditioner, Applicator::Cloth]],
            self::Brush, self::Wipe, self::SoleCheck => [],
        };
    }

    /** Minutes of the owner's own, for a piece in ordinary condition. */
    public function minutes(): int
    {
        return match ($this) {
            self::Brush => 2,
            self::Wipe => 3,
            self::Feed => 20,
            self::Polish => 15,
            self::Protect => 8,
            self::SoleCheck => 5,
            self::Store => 30,
        };
    }
}
