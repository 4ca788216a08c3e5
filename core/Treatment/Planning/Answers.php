<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Finding\FindingKind as F;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;

/** Which steps do something about a finding: what is promised to the owner stands on one of them. */
final class Answers
{
    public const SOLVENTS = [FamilyId::SolventMild, FamilyId::Alcohol, FamilyId::Deglosser];
    public const FOOD = [FamilyId::Conditioner, FamilyId::ConditionerLight, FamilyId::Oil, FamilyId::Cream, FamilyId::HeavyWax, FamilyId::CleanerCream];

    public static function finding(F $kind, Step $step): bool
    {
        return match ($kind) {
            F::Dust, F::WeltGrit, F::Mud, F::Insects => Action::DustOff === $step->action || self::cleans($step),
            F::GroundInDirt, F::BodyGrease, F::Mould, F::DarkHandling => self::cleans($step) || FamilyId::Poultice === $step->family,
            F::Odour => FamilyId::LiningSpray === $step->family || FamilyId::Wash === $step->family,
            F::ColourTransfer => self::cleans($step) || self::dissolves($step) || self::colours($step),
            F::Ink, F::Tar, F::Glue, F::PaintSpots => self::dissolves($step) || Action::Erase === $step->action || self::covers($step),
            F::RoadSalt, F::SweatSalt => self::cleans($step),
            F::OldPolish, F::WaxBuildUp, F::Silicone => self::dissolves($step) || FamilyId::CleanerCream === $step->family || Action::DustOff === $step->action,
            F::WrongTouchUp => self::dissolves($step) && FamilyId::SolventMild !== $step->family || self::covers($step),
            F::Faded, F::Patchy, F::BleachedSpot, F::YellowedLeather => self::colours($step) || Action::RaiseNap === $step->action,
            F::YellowedRubber => Action::Sand === $step->action || FamilyId::Peroxide === $step->family || FamilyId::FoamCleaner === $step->family
                || self::covers($step),
            F::Scuff, F::Scratch => self::colours($step) || self::feeds($step) || \in_array($step->action, [Action::Erase, Action::RaiseNap], true),
            F::Gouge, F::Peeling => $step->does(Effect::Fills) || self::colours($step),
            F::Crack => $step->does(Effect::Fills) || self::colours($step) || self::feeds($step),
            F::Crease => \in_array($step->action, [Action::IronCrease, Action::Tree, Action::Shape], true),
            F::WaterRing => $step->wets() || self::colours($step) || Action::Erase === $step->action,
            F::LiftedScales => self::feeds($step),
            F::FlatNap => Action::RaiseNap === $step->action,
            F::HeatMark => self::colours($step) || Action::RaiseNap === $step->action,
            F::OpenSeam, F::RottenThread, F::LiningTorn => Action::Stitch === $step->action,
            F::SoleParting, F::StackSplit => Action::Bond === $step->action,
            F::EdgeWorn => Action::Sand === $step->action || FamilyId::EdgeDressing === $step->family || self::feeds($step),
            F::StackDry => self::feeds($step) || FamilyId::EdgeDressing === $step->family,
            F::BuckleBent, F::ZipStiff, F::EyeletMissing => Action::StraightenHardware === $step->action,
            F::ShapeLost => \in_array($step->action, [Action::Tree, Action::Shape], true),
            F::Brittle, F::RedRot, F::Impact => false,
        };
    }

    private static function cleans(Step $step): bool
    {
        return $step->wets() && !$step->recolours() || Action::Erase === $step->action || FamilyId::LiningSpray === $step->family;
    }

    private static function dissolves(Step $step): bool
    {
        return \in_array($step->family, self::SOLVENTS, true);
    }

    private static function colours(Step $step): bool
    {
        return $step->does(Effect::Colours);
    }

    /** Colour that lies over what is there. */
    private static function covers(Step $step): bool
    {
        return $step->does(Effect::Paints);
    }

    private static function feeds(Step $step): bool
    {
        return \in_array($step->family, self::FOOD, true);
    }
}
