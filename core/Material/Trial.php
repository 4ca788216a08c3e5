<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

use KindHeel\Core\Text\Message;

/** Small trials on a hidden place that tell materials apart, or tell what a product will do (handbook of the workshop, T-1 … T-10). */
enum Trial: string
{
    case WaterDrop = 'T-1';
    case WhiteCloth = 'T-2';
    case NailPress = 'T-3';
    case Loupe = 'T-4';
    case AlcoholBud = 'T-5';
    case CutEdge = 'T-6';
    case Product = 'T-7';
    case WearOne = 'T-8';
    case ThreadFlame = 'T-9';
    case HeelStack = 'T-10';

    public function label(): string
    {
        return Message::of(match ($this) {
            self::WaterDrop => 'drop of water',
            self::WhiteCloth => 'white cloth, dry, then damp',
            self::NailPress => 'press of a nail',
            self::Loupe => 'a look through the loupe',
            self::AlcoholBud => 'cotton bud with alcohol',
            self::CutEdge => 'a look at the cut edge',
            self::Product => 'the product itself, hidden',
            self::WearOne => 'one half first',
            self::ThreadFlame => 'a thread in the flame',
            self::HeelStack => 'a look at the heel',
        });
    }

    public function how(): string
    {
        return match ($this) {
            self::WaterDrop => Message::of('A drop of water on a hidden place, three minutes.'),
            self::WhiteCloth => Message::of('Ten strokes with a white cloth, dry, then damp.'),
            self::NailPress => Message::of('Press with nail or thumb; rub it with a warm finger.'),
            self::Loupe => Message::of('Look for pores, a print, nap, scales, threads.'),
            self::AlcoholBud => Message::of('Touch a hidden place for one second with a bud of alcohol. Gloves; no flame near.'),
            self::CutEdge => Message::of('Look at a cut edge or the end of the tongue: is the colour all through?'),
            self::Product => Message::of('Try on a hidden place what will touch it, and judge it when it is dry.'),
            self::WearOne => Message::of('Treat one half, let it dry fully, and compare.'),
            self::ThreadFlame => Message::of('Hold the end of a thread to a flame, away from every solvent.'),
            self::HeelStack => Message::of('Look at the edge for layers; damp the end grain.'),
        };
    }

    /**
     * What can come of it.
     *
     * @return non-empty-list<Outcome>
     */
    public function outcomes(): array
    {
        return match ($this) {
            self::WaterDrop => [Outcome::AbsorbsAtOnce, Outcome::AbsorbsSlowly, Outcome::Beads],
            self::WhiteCloth => [Outcome::ColourOffDry, Outcome::ColourOffDamp, Outcome::Clean],
            self::NailPress => [Outcome::Marks, Outcome::MarksWarmAway, Outcome::NoMark],
            self::Loupe => [Outcome::Pores, Outcome::Print, Outcome::Film, Outcome::Glassy, Outcome::Nap, Outcome::Velvet, Outcome::Scales, Outcome::Weave],
            self::AlcoholBud => [Outcome::FilmSoftens, Outcome::ColourLifts, Outcome::NoChange],
            self::CutEdge => [Outcome::ColouredThrough, Outcome::SkinOnCore, Outcome::ClothCore, Outcome::Undyed],
            self::Product, self::WearOne => [
                Outcome::NoChange, Outcome::Darkens, Outcome::DarkensReturns, Outcome::Dulls, Outcome::ColourLifts, Outcome::FilmSoftens,
            ],
            self::ThreadFlame => [Outcome::Melts, Outcome::Chars],
            self::HeelStack => [Outcome::RealStack, Outcome::PrintedSkin],
        };
    }

    /** It tells materials apart; the others tell what a product or a flame does. */
    public function identifies(): bool
    {
        return !\in_array($this, [self::Product, self::WearOne, self::ThreadFlame], true);
    }

    /** The place has to be bare: once it is covered, what is seen is the cover. */
    public function needsBarePlace(): bool
    {
        return $this->identifies() && self::HeelStack !== $this;
    }
}
