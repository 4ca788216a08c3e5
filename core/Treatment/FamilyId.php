<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** The families of product that the craft knows; the numbers of each are in {@see FamilyTable}. */
enum FamilyId: string
{
    case Brush = 'brush';
    case DampCloth = 'damp-cloth';
    case CleanerNeutral = 'cleaner-neutral';
    case CleanerCream = 'cleaner-cream';
    case Soap = 'soap';
    case Wash = 'wash';
    case FoamCleaner = 'foam-cleaner';
    case SuedeCleaner = 'suede-cleaner';
    case SaltWash = 'salt-wash';
    case Poultice = 'poultice';
    case SolventMild = 'solvent-mild';
    case Alcohol = 'alcohol';
    case Deglosser = 'deglosser';
    case Filler = 'filler';
    case CrackFiller = 'crack-filler';
    case Cement = 'cement';
    case DyeSpirit = 'dye-spirit';
    case DyeWater = 'dye-water';
    case Paint = 'paint';
    case Primer = 'primer';
    case TouchUp = 'touch-up';
    case Topcoat = 'topcoat';
    case Resin = 'resin';
    case Conditioner = 'conditioner';
    case ConditionerLight = 'conditioner-light';
    case Oil = 'oil';
    case HeavyWax = 'heavy-wax';
    case Cream = 'cream';
    case Wax = 'wax';
    case Shine = 'shine';
    case EdgeDressing = 'edge-dressing';
    case GripSafeProtector = 'grip-safe-protector';
    case Repellent = 'repellent';
    case Peroxide = 'peroxide';
    case LiningSpray = 'lining-spray';

    public function label(): string
    {
        return match ($this) {
            self::Brush => 'dry brush',
            self::DampCloth => 'barely damp cloth',
            self::CleanerNeutral => 'neutral cleaner',
            self::CleanerCream => 'cleaning cream',
            self::Soap => 'saddle soap',
            self::Wash => 'cold wash',
            self::FoamCleaner => 'foam cleaner',
            self::SuedeCleaner => 'suede cleaner',
            self::SaltWash => 'salt wash',
            self::Poultice => 'poultice',
            self::SolventMild => 'mild solvent',
            self::Alcohol => 'alcohol',
            self::Deglosser => 'deglosser',
            self::Filler => 'filler',
            self::CrackFiller => 'crack filler',
            self::Cement => 'cement',
            self::DyeSpirit => 'spirit dye',
            self::DyeWater => 'water dye',
            self::Paint => 'leather paint',
            self::Primer => 'adhesion primer',
            self::TouchUp => 'touch-up',
            self::Topcoat => 'topcoat',
            self::Resin => 'resin finish',
            self::Conditioner => 'conditioner',
            self::ConditionerLight => 'light conditioner',
            self::Oil => 'oil',
            self::HeavyWax => 'heavy wax',
            self::Cream => 'cream polish',
            self::Wax => 'wax polish',
            self::Shine => 'quick shine',
            self::EdgeDressing => 'edge dressing',
            self::GripSafeProtector => 'grip-safe protector',
            self::Repellent => 'repellent',
            self::Peroxide => 'oxidising cream',
            self::LiningSpray => 'lining spray',
        };
    }

    public function isDye(): bool
    {
        return self::DyeSpirit === $this || self::DyeWater === $this;
    }

    public function isPaint(): bool
    {
        return self::Paint === $this || self::TouchUp === $this;
    }

    /** It takes oil, wax and fingerprints off, so that a film can hold (O-12), and with them a finish that is no film (C-2). */
    public function degreases(): bool
    {
        return self::Alcohol === $this || self::SolventMild === $this || self::Deglosser === $this;
    }

    /** It brings water to the leather, which must leave before anything shuts it in (O-7). */
    public function wets(): bool
    {
        return match ($this) {
            self::DampCloth, self::CleanerNeutral, self::CleanerCream, self::Soap, self::Wash, self::FoamCleaner, self::SuedeCleaner, self::SaltWash => true,
            default => false,
        };
    }

    /** It runs, sprays or stains beyond where it is put: what must stay clean beside it is masked (O-15). */
    public function runs(): bool
    {
        return $this->isDye() || self::EdgeDressing === $this || self::Repellent === $this;
    }
}
