<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/** The kinds of piece, each with the parts that its cut has. A kind is named within its family: a court shoe is no court trainer. */
enum Kind: string
{
    case Oxford = 'low-shoe/oxford';
    case Derby = 'low-shoe/derby';
    case Loafer = 'low-shoe/loafer';
    case Monk = 'low-shoe/monk';
    case Court = 'low-shoe/court';
    case Brogue = 'low-shoe/brogue';
    case DanceShoe = 'low-shoe/dance-shoe';
    case AnkleBoot = 'boot/ankle';
    case LaceBoot = 'boot/lace';
    case Chelsea = 'boot/chelsea';
    case Western = 'boot/western';
    case WorkBoot = 'boot/work';
    case FieldBoot = 'boot/field';
    case RidingBoot = 'tall-boot/riding';
    case DressBoot = 'tall-boot/dress';
    case CourtTrainer = 'trainer/court';
    case RunningTrainer = 'trainer/running';
    case SkateTrainer = 'trainer/skate';
    case HighTop = 'trainer/high-top';
    case Satchel = 'bag/satchel';
    case Tote = 'bag/tote';
    case ShoulderBag = 'bag/shoulder';
    case Clutch = 'bag/clutch';
    case DoctorsBag = 'bag/doctors';
    case BriefCase = 'bag/case';
    case Wallet = 'bag/wallet';
    case Jacket = 'garment/jacket';
    case Coat = 'garment/coat';
    case Trousers = 'garment/trousers';
    case Skirt = 'garment/skirt';
    case Apron = 'garment/apron';
    case Gloves = 'garment/gloves';
    case OnePieceSuit = 'garment/one-piece-suit';
    case Belt = 'small-goods/belt';
    case Strap = 'small-goods/strap';
    case Holster = 'small-goods/holster';
    case Harness = 'small-goods/harness';
    case InstrumentStrap = 'small-goods/instrument-strap';
    case BookCover = 'small-goods/book-cover';

    public static function in(PieceFamily $family, string $kind): ?self
    {
        return self::tryFrom($family->value.'/'.$kind);
    }

    public function family(): PieceFamily
    {
        /** @var array<string, PieceFamily> $known */
        static $known = [];

        return $known[$this->value] ??= PieceFamily::from(strstr($this->value, '/', true) ?: '');
    }

    public function label(): string
    {
        return Message::of(match ($this) {
            self::Monk, self::Court => $this->word().' shoe',
            self::AnkleBoot, self::LaceBoot, self::Chelsea, self::Western, self::WorkBoot, self::FieldBoot, self::RidingBoot, self::DressBoot => $this->word()
                .' boot',
            self::CourtTrainer, self::RunningTrainer, self::SkateTrainer, self::HighTop => $this->word().' trainer',
            self::ShoulderBag => 'shoulder bag',
            self::DoctorsBag => 'doctor’s bag',
            self::OnePieceSuit => 'one-piece riding suit',
            default => str_replace('-', ' ', $this->word()),
        });
    }

    /** It has no inside to be filled out: it is worked lying flat. */
    public function isFlat(): bool
    {
        return \in_array(
            $this,
            [self::Belt, self::Strap, self::InstrumentStrap, self::Harness, self::BookCover, self::Wallet, self::Apron, self::Skirt, self::Trousers],
            true,
        );
    }

    public function isPair(): bool
    {
        return $this->family()->isFootwear() || self::Gloves === $this;
    }

    /** @return non-empty-list<Half> */
    public function halves(): array
    {
        return $this->isPair() ? [Half::Left, Half::Right] : [Half::Whole];
    }

    /** What its outer leather is called. */
    public function outer(): string
    {
        return Message::of($this->family()->isFootwear() ? 'upper' : 'outside');
    }

    /** @return list<PartName> in an order that goes round the piece: outside, edges, then inside */
    public function parts(): array
    {
        /** @var array<string, list<PartName>> $known worked out once for each kind */
        static $known = [];

        return $known[$this->value] ??= array_values(array_filter(
            array_map(static fn (PartAnatomy $a): PartName => $a->part, array_values($this->family()->anatomy())),
            fn (PartName $part): bool => !\in_array($part, Cut::without($this), true),
        ));
    }

    public function has(PartName $part): bool
    {
        return \in_array($part, $this->parts(), true);
    }

    /** @throws FieldError when the family has no such part */
    public function anatomyOf(PartName $part): PartAnatomy
    {
        return $this->family()->anatomy()[$part->value]
            ?? throw new FieldError('part', Phrase::sentence('%s has no %s.', Phrase::an($this->label()), $part->label()));
    }

    /**
     * What runs, sprays or rubs on a part can reach these (S-2).
     *
     * @return list<PartName>
     */
    public function neighbours(PartName $of): array
    {
        /** @var array<string, list<PartName>> $known worked out once for each kind and part */
        static $known = [];
        $key = $this->value.'/'.$of->value;
        if (isset($known[$key])) {
            return $known[$key];
        }
        $found = [];
        foreach ($this->family()->anatomy() as $anatomy) {
            foreach ($anatomy->joins as $other) {
                if ($anatomy->part === $of) {
                    $found[] = $other;
                } elseif ($other === $of) {
                    $found[] = $anatomy->part;
                }
            }
        }

        return $known[$key] = array_values(array_filter($found, $this->has(...)));
    }

    /**
     * What a part is usually made of, the likeliest first; the kind's own leather comes before that of its family.
     *
     * @return non-empty-list<Material>
     */
    public function materialsFor(PartName $part): array
    {
        $usual = $this->anatomyOf($part)->materials;
        $own = $part->isOuter() ? Cut::ownLeather($this) : null;

        return null !== $own && \in_array($own, $usual, true)
            ? [$own, ...array_values(array_filter($usual, static fn (Material $m): bool => $m !== $own))]
            : $usual;
    }

    private function word(): string
    {
        return substr(strstr($this->value, '/') ?: '', 1);
    }
}
