<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

/** What a trial can do to a material, from 0 (a look) to 1 (forbidden), on a hidden place. */
final class Risk
{
    public const FORBIDDEN = 1.0;
    /** From here on a trial leaves something behind on the material. */
    public const RISKY = 0.3;

    public static function of(Trial $trial, Material $material): float
    {
        return match ($trial) {
            Trial::Loupe, Trial::CutEdge, Trial::HeelStack => 0.01,
            Trial::WhiteCloth => match (true) {
                Material::ReptileMatt === $material => 0.12,
                $material->hasNap() => 0.08,
                default => 0.03,
            },
            Trial::WaterDrop => match ($material) {
                Material::VegTan, Material::ReptileMatt => 0.35,
                Material::Suede, Material::Nubuck => 0.18,
                Material::Aniline, Material::Burnished, Material::SheepNappa => 0.10,
                default => 0.03,
            },
            Trial::NailPress => match ($material) {
                Material::ReptileMatt, Material::VegTan => 0.32,
                Material::Patent, Material::ReptileGlazed, Material::Aniline, Material::Burnished => 0.12,
                default => 0.05,
            },
            // C-2: never alcohol on these while nobody means to refinish them.
            Trial::AlcoholBud => match (true) {
                $material->losesColourToSolvent() => self::FORBIDDEN,
                \in_array($material, [Material::VegTan, Material::Suede, Material::Nubuck, Material::ReptileMatt, Material::SheepNappa, Material::Waxy], true) => 0.5,
                Material::SemiAniline === $material => 0.32,
                default => 0.2,
            },
            Trial::Product, Trial::WearOne, Trial::ThreadFlame => 0.2,
        };
    }
}
