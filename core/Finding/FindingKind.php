<?php

declare(strict_types=1);

namespace KindHeel\Core\Finding;

use KindHeel\Core\Text\Message;

/** What can be wrong with a part. */
enum FindingKind: string
{
    case Dust = 'dust';
    case WeltGrit = 'welt-grit';
    case Mud = 'mud';
    case GroundInDirt = 'ground-in-dirt';
    case Insects = 'insects';
    case BodyGrease = 'body-grease';
    case Ink = 'ink';
    case Tar = 'tar';
    case Glue = 'glue';
    case PaintSpots = 'paint-spots';
    case Mould = 'mould';
    case Odour = 'odour';
    case RoadSalt = 'road-salt';
    case SweatSalt = 'sweat-salt';
    case OldPolish = 'old-polish';
    case WaxBuildUp = 'wax-build-up';
    case Silicone = 'silicone';
    case WrongTouchUp = 'wrong-touch-up';
    case Faded = 'faded';
    case Patchy = 'patchy';
    case BleachedSpot = 'bleached-spot';
    case ColourTransfer = 'colour-transfer';
    case YellowedLeather = 'yellowed-leather';
    case YellowedRubber = 'yellowed-rubber';
    case DarkHandling = 'dark-handling';
    case Scuff = 'scuff';
    case Scratch = 'scratch';
    case Gouge = 'gouge';
    case Crack = 'crack';
    case Peeling = 'peeling';
    case Crease = 'crease';
    case WaterRing = 'water-ring';
    case LiftedScales = 'lifted-scales';
    case FlatNap = 'flat-nap';
    case HeatMark = 'heat-mark';
    case Brittle = 'brittle';
    case RedRot = 'red-rot';
    case OpenSeam = 'open-seam';
    case RottenThread = 'rotten-thread';
    case SoleParting = 'sole-parting';
    case EdgeWorn = 'edge-worn';
    case LiningTorn = 'lining-torn';
    case StackDry = 'stack-dry';
    case StackSplit = 'stack-split';
    case BuckleBent = 'buckle-bent';
    case ZipStiff = 'zip-stiff';
    case EyeletMissing = 'eyelet-missing';
    case ShapeLost = 'shape-lost';
    case Impact = 'impact';

    public function label(): string
    {
        return Message::of(match ($this) {
            self::WeltGrit => 'grit in the welt',
            self::GroundInDirt => 'ground-in dirt',
            self::BodyGrease => 'grease and dull shine',
            self::PaintSpots => 'paint spots',
            self::RoadSalt => 'road-salt line',
            self::SweatSalt => 'sweat salt',
            self::OldPolish => 'old polish layers',
            self::WaxBuildUp => 'wax build-up',
            self::WrongTouchUp => 'touch-up in the wrong colour',
            self::BleachedSpot => 'bleached spot',
            self::ColourTransfer => 'colour transfer',
            self::YellowedLeather => 'yellowed leather',
            self::YellowedRubber => 'yellowed rubber',
            self::DarkHandling => 'dark handling marks',
            self::WaterRing => 'water ring',
            self::LiftedScales => 'lifted scales',
            self::FlatNap => 'flat or shiny nap',
            self::HeatMark => 'heat mark',
            self::RedRot => 'red rot',
            self::OpenSeam => 'open seam',
            self::RottenThread => 'rotten thread',
            self::SoleParting => 'sole parting',
            self::EdgeWorn => 'worn edge',
            self::LiningTorn => 'torn lining',
            self::StackDry => 'dry heel stack',
            self::StackSplit => 'split heel stack',
            self::BuckleBent => 'bent buckle',
            self::ZipStiff => 'stiff zip',
            self::EyeletMissing => 'missing eyelet',
            self::ShapeLost => 'shape lost',
            self::Impact => 'impact or crash',
            default => $this->value,
        });
    }

    public function group(): FindingGroup
    {
        return match ($this) {
            self::Dust,
            self::WeltGrit,
            self::Mud,
            self::GroundInDirt,
            self::Insects,
            self::BodyGrease,
            self::Ink,
            self::Tar,
            self::Glue,
            self::PaintSpots,
            self::Mould,
            self::Odour => FindingGroup::Dirt,
            self::RoadSalt, self::SweatSalt => FindingGroup::Salts,
            self::OldPolish, self::WaxBuildUp, self::Silicone, self::WrongTouchUp => FindingGroup::Residue,
            self::Faded,
            self::Patchy,
            self::BleachedSpot,
            self::ColourTransfer,
            self::YellowedLeather,
            self::YellowedRubber,
            self::DarkHandling => FindingGroup::Colour,
            self::Scuff,
            self::Scratch,
            self::Gouge,
            self::Crack,
            self::Peeling,
            self::Crease,
            self::WaterRing,
            self::LiftedScales,
            self::FlatNap,
            self::HeatMark => FindingGroup::Surface,
            self::Brittle,
            self::RedRot,
            self::OpenSeam,
            self::RottenThread,
            self::SoleParting,
            self::EdgeWorn,
            self::LiningTorn,
            self::StackDry,
            self::StackSplit,
            self::BuckleBent,
            self::ZipStiff,
            self::EyeletMissing,
            self::ShapeLost,
            self::Impact => FindingGroup::Build,
        };
    }

    /** The finding has a length and a width that can be measured. */
    public function hasSize(): bool
    {
        return \in_array(
            $this,
            [
                self::BleachedSpot, self::Scuff, self::Scratch, self::Gouge, self::Crack, self::Crease, self::WaterRing, self::HeatMark,
                self::OpenSeam, self::SoleParting, self::LiningTorn, self::Ink, self::Tar, self::Glue, self::PaintSpots, self::Peeling,
                self::StackSplit,
            ],
            true,
        );
    }

    /** It is measured in depth too. */
    public function hasDepth(): bool
    {
        return \in_array($this, [self::Gouge, self::Crack, self::StackSplit], true);
    }

    /** As it stands in a sentence, one of a kind: “the scuff … will be gone”. */
    public function noun(): string
    {
        return Message::of(match ($this) {
            self::PaintSpots => 'the paint',
            self::Insects => 'what insects left',
            self::OldPolish => 'the old polish',
            self::DarkHandling => 'the dark of many hands',
            self::LiningTorn => 'the tear',
            self::StackDry => 'the dryness',
            self::StackSplit => 'the split',
            self::BuckleBent => 'the bend',
            self::ZipStiff => 'the stiff slider',
            self::ShapeLost => 'the lost shape',
            self::Faded => 'the fading',
            self::Patchy => 'the patchiness',
            self::YellowedLeather, self::YellowedRubber => 'the yellowing',
            self::SoleParting => 'the parting',
            self::LiftedScales => 'the lifting',
            default => 'the '.$this->label(),
        });
    }
}
