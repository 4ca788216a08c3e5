<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

use KindHeel\Core\Text\Message;

/** The families of product that the craft knows; all that is particular to one stands in the file of its name in {@see Family}. */
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

    public function family(): Family
    {
        return Family::of($this);
    }

    public function label(): string
    {
        return Message::of(Family::of($this)->label);
    }

    public function does(Effect $effect): bool
    {
        return Family::of($this)->does($effect);
    }
}
