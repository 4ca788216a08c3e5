<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** The order of the work. */
enum Phase: string
{
    case TakeApart = 'take-apart';
    case Record = 'record';
    case DryClean = 'dry-clean';
    case Trial = 'trial';
    case Clean = 'clean';
    case Repair = 'repair';
    case Strip = 'strip';
    case Fill = 'fill';
    case Degrease = 'degrease';
    case Mask = 'mask';
    case Base = 'base';
    case Colour = 'colour';
    case Seal = 'seal';
    case Unmask = 'unmask';
    case Condition = 'condition';
    case Polish = 'polish';
    case Edges = 'edges';
    case Protect = 'protect';
    case PutTogether = 'put-together';
    case Shape = 'shape';
    case HandOver = 'hand-over';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** The stretch of work for which one mask stays on: from the base to the seal, the edges, the last protection. */
    public function session(): ?self
    {
        return match ($this) {
            self::Base, self::Colour, self::Seal => self::Colour,
            self::Edges, self::Protect => $this,
            default => null,
        };
    }

    /** The phase to which an act belongs that says nothing of it. */
    public static function of(Action $action, ?FamilyId $family): self
    {
        return match ($action) {
            Action::TakeApart, Action::Tree => self::TakeApart,
            Action::Photograph, Action::ReadColour => self::Record,
            Action::DustOff, Action::Erase => self::DryClean,
            Action::Trial, Action::Gate => self::Trial,
            Action::Stitch, Action::Bond, Action::StraightenHardware, Action::IronCrease => self::Repair,
            Action::Sand => self::Fill,
            Action::Mask => self::Mask,
            Action::Unmask => self::Unmask,
            Action::RubOff => self::Colour,
            Action::Buff, Action::RaiseNap => self::Polish,
            Action::PutTogether => self::PutTogether,
            Action::Shape => self::Shape,
            Action::HandOver => self::HandOver,
            Action::Lay => self::ofFamily($family ?? FamilyId::Brush),
        };
    }

    private static function ofFamily(FamilyId $family): self
    {
        return match ($family) {
            FamilyId::Alcohol => self::Degrease,
            FamilyId::Deglosser => self::Strip,
            FamilyId::Cement => self::Repair,
            FamilyId::Filler, FamilyId::CrackFiller => self::Fill,
            FamilyId::Primer => self::Base,
            FamilyId::DyeSpirit, FamilyId::DyeWater, FamilyId::Paint, FamilyId::TouchUp => self::Colour,
            FamilyId::Topcoat, FamilyId::Resin => self::Seal,
            FamilyId::Conditioner, FamilyId::ConditionerLight, FamilyId::Oil => self::Condition,
            FamilyId::Cream, FamilyId::Wax, FamilyId::Shine => self::Polish,
            FamilyId::EdgeDressing => self::Edges,
            FamilyId::HeavyWax, FamilyId::GripSafeProtector, FamilyId::Repellent => self::Protect,
            default => self::Clean,
        };
    }
}
