<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Text\Message;

/** Pieces that are built alike. */
enum PieceFamily: string
{
    case LowShoe = 'low-shoe';
    case Boot = 'boot';
    case TallBoot = 'tall-boot';
    case Trainer = 'trainer';
    case Bag = 'bag';
    case Garment = 'garment';
    case SmallGoods = 'small-goods';

    public function label(): string
    {
        return Message::of(match ($this) {
            self::LowShoe => 'low shoes',
            self::Boot => 'boots',
            self::TallBoot => 'tall boots',
            self::Trainer => 'trainers',
            self::Bag => 'bags',
            self::Garment => 'garments',
            self::SmallGoods => 'small goods',
        });
    }

    public function isFootwear(): bool
    {
        return !\in_array($this, [self::Bag, self::Garment, self::SmallGoods], true);
    }

    /** @return array<string, PartAnatomy> by part, in an order that goes round the piece */
    public function anatomy(): array
    {
        /** @var array<string, array<string, PartAnatomy>> $known */
        static $known = [];

        return $known[$this->value] ??= self::byPart(match ($this) {
            self::LowShoe => LowShoe::anatomy(),
            self::Boot => Boot::anatomy(),
            self::TallBoot => TallBoot::anatomy(),
            self::Trainer => Trainer::anatomy(),
            self::Bag => Bag::anatomy(),
            self::Garment => Garment::anatomy(),
            self::SmallGoods => SmallGoods::anatomy(),
        });
    }

    /**
     * @param list<PartAnatomy> $anatomy
     *
     * @return array<string, PartAnatomy>
     */
    private static function byPart(array $anatomy): array
    {
        $byPart = [];
        foreach ($anatomy as $one) {
            $byPart[$one->part->value] = $one;
        }

        return $byPart;
    }
}
