<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Material\Material;

/** Where kinds of one family differ: parts that a cut lacks, its own leather, its size and its area. */
final class Cut
{
    /** @return list<PartName> parts of the family that this kind is cut without */
    public static function without(Kind $kind): array
    {
        return match ($kind) {
            Kind::Loafer, Kind::Monk => [PartName::Facing, PartName::Laces],
            Kind::Court => [PartName::Tongue, PartName::Facing, PartName::Laces],
            Kind::DanceShoe => [PartName::Welt],
            Kind::AnkleBoot => [PartName::FalseTongue, PartName::Gusset, PartName::Hooks],
            Kind::LaceBoot, Kind::WorkBoot, Kind::FieldBoot => [PartName::Gusset],
            Kind::Chelsea => [PartName::Tongue, PartName::FalseTongue, PartName::Facing, PartName::Laces, PartName::Hooks],
            Kind::Western => [PartName::Tongue, PartName::FalseTongue, PartName::Facing, PartName::Laces, PartName::Hooks, PartName::Gusset],
            Kind::RunningTrainer => [PartName::Foxing],
            Kind::Tote, Kind::DoctorsBag, Kind::BriefCase => [PartName::Flap, PartName::Strap],
            Kind::ShoulderBag => [PartName::Handle],
            Kind::Clutch => [PartName::Handle, PartName::Strap],
            Kind::Wallet => [PartName::Handle, PartName::Strap, PartName::Flap, PartName::Gusset, PartName::Base],
            Kind::Jacket => [PartName::Seat, PartName::Palms],
            Kind::Coat => [PartName::Seat, PartName::Palms, PartName::StretchPanels, PartName::PerforatedPanels, PartName::ArmourCovers],
            Kind::Trousers => [PartName::Sleeves, PartName::Collar, PartName::Palms],
            Kind::Skirt => [
                PartName::Sleeves, PartName::Collar, PartName::Cuffs, PartName::Palms, PartName::Seat, PartName::StretchPanels,
                PartName::PerforatedPanels, PartName::ArmourCovers,
            ],
            Kind::Apron => [
                PartName::Sleeves, PartName::Collar, PartName::Cuffs, PartName::Palms, PartName::Seat, PartName::StretchPanels,
                PartName::PerforatedPanels, PartName::ArmourCovers, PartName::Zips,
            ],
            Kind::Gloves => [PartName::Sleeves, PartName::Collar, PartName::Seat, PartName::Zips],
            Kind::OnePieceSuit => [PartName::Palms],
            Kind::BookCover => [PartName::Holes, PartName::Buckle],
            default => [],
        };
    }

    /** The leather that this kind is cut from before others of its family. */
    public static function ownLeather(Kind $kind): ?Material
    {
        return match ($kind) {
            Kind::Western, Kind::WorkBoot => Material::Waxy,
            Kind::FieldBoot => Material::RoughOut,
            Kind::RunningTrainer => Material::Synthetic,
            Kind::SkateTrainer => Material::Suede,
            Kind::OnePieceSuit => Material::RacingHide,
            Kind::Trousers => Material::Pigmented,
            Kind::Apron => Material::Waxy,
            Kind::Satchel => Material::VegTan,
            default => null,
        };
    }

    /** Leather of one half in dm² at the usual size (Q-1): a planning figure until it is measured. */
    public static function areaDm2(Kind $kind): float
    {
        return match ($kind) {
            Kind::Satchel => 35.0,
            Kind::Tote => 45.0,
            Kind::ShoulderBag => 30.0,
            Kind::Clutch => 8.0,
            Kind::DoctorsBag => 50.0,
            Kind::BriefCase => 55.0,
            Kind::Wallet => 4.0,
            Kind::Jacket => 180.0,
            Kind::Coat => 250.0,
            Kind::Trousers => 150.0,
            Kind::Skirt => 90.0,
            Kind::Apron => 60.0,
            Kind::Gloves => 7.0,
            Kind::OnePieceSuit => 260.0,
            Kind::Belt => 4.0,
            Kind::Strap => 3.0,
            Kind::Holster => 6.0,
            Kind::Harness => 24.0,
            Kind::InstrumentStrap => 7.0,
            Kind::BookCover => 12.0,
            default => match ($kind->family()) {
                PieceFamily::Boot => 12.0,
                PieceFamily::TallBoot => 24.0,
                PieceFamily::Trainer => 8.0,
                default => 7.0,
            },
        };
    }

    /** The longest side in mm of what is not worn on the foot, as usual for its kind. */
    public static function usualLengthMm(Kind $kind): float
    {
        return match ($kind) {
            Kind::Satchel => 380.0,
            Kind::Tote => 420.0,
            Kind::ShoulderBag => 300.0,
            Kind::Clutch => 260.0,
            Kind::DoctorsBag => 400.0,
            Kind::BriefCase => 430.0,
            Kind::Wallet => 190.0,
            Kind::Jacket => 680.0,
            Kind::Coat => 1150.0,
            Kind::Trousers => 1050.0,
            Kind::Skirt => 600.0,
            Kind::Apron => 800.0,
            Kind::Gloves => 260.0,
            Kind::OnePieceSuit => 1650.0,
            Kind::Belt => 1100.0,
            Kind::Strap => 900.0,
            Kind::Holster => 280.0,
            Kind::Harness => 1200.0,
            Kind::InstrumentStrap => 900.0,
            Kind::BookCover => 320.0,
            default => throw new \LogicException('Footwear goes by its size.'),
        };
    }
}
