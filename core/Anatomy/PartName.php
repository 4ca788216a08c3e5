<?php

declare(strict_types=1);

namespace KindHeel\Core\Anatomy;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Text\Message;

/** The parts that pieces are made of. */
enum PartName: string
{
    case Toe = 'toe';
    case Vamp = 'vamp';
    case Quarter = 'quarter';
    case Counter = 'counter';
    case Tongue = 'tongue';
    case FalseTongue = 'false-tongue';
    case Facing = 'facing';
    case Topline = 'topline';
    case Collar = 'collar';
    case Shaft = 'shaft';
    case InnerLeg = 'inner-leg';
    case SpurRest = 'spur-rest';
    case Pull = 'pull';
    case Gusset = 'gusset';
    case Zip = 'zip';
    case ToeBox = 'toe-box';
    case SidePanel = 'side-panel';
    case Eyestay = 'eyestay';
    case HeelTab = 'heel-tab';
    case Midsole = 'midsole';
    case Foxing = 'foxing';
    case Marks = 'marks';
    case Front = 'front';
    case Back = 'back';
    case Base = 'base';
    case Flap = 'flap';
    case Handle = 'handle';
    case Strap = 'strap';
    case Piping = 'piping';
    case Trim = 'trim';
    case EdgePaint = 'edge-paint';
    case Hardware = 'hardware';
    case Body = 'body';
    case Sleeves = 'sleeves';
    case Cuffs = 'cuffs';
    case StretchPanels = 'stretch-panels';
    case PerforatedPanels = 'perforated-panels';
    case Seat = 'seat';
    case ArmourCovers = 'armour-covers';
    case Palms = 'palms';
    case Zips = 'zips';
    case Badges = 'badges';
    case Face = 'face';
    case FleshSide = 'flesh-side';
    case Edge = 'edge';
    case Holes = 'holes';
    case Buckle = 'buckle';
    case Welt = 'welt';
    case SoleEdge = 'sole-edge';
    case HeelStack = 'heel-stack';
    case Outsole = 'outsole';
    case Lining = 'lining';
    case Insole = 'insole';
    case Laces = 'laces';
    case Stitching = 'stitching';
    case Hooks = 'hooks';

    private const OUTER = [
        self::Toe, self::Vamp, self::Quarter, self::Counter, self::Tongue, self::FalseTongue, self::Facing, self::Topline, self::Collar, self::Shaft,
        self::InnerLeg, self::SpurRest, self::Pull, self::Gusset, self::ToeBox, self::SidePanel, self::Eyestay, self::HeelTab, self::Front, self::Back,
        self::Base, self::Flap, self::Handle, self::Strap, self::Piping, self::Trim, self::Body, self::Sleeves, self::Cuffs, self::StretchPanels,
        self::PerforatedPanels, self::Seat, self::ArmourCovers, self::Palms, self::Face, self::Edge,
    ];

    public function label(): string
    {
        return Message::of(match ($this) {
            self::HeelStack => 'heel stack',
            self::Hooks => 'hooks and eyelets',
            self::Marks => 'printed marks',
            default => str_replace('-', ' ', $this->value),
        });
    }

    /** It is spoken of as many: “the laces are”. */
    public function isPlural(): bool
    {
        return \in_array(
            $this,
            [
                self::Laces, self::Hooks, self::Marks, self::Sleeves, self::Cuffs, self::StretchPanels, self::PerforatedPanels,
                self::ArmourCovers, self::Palms, self::Zips, self::Badges, self::Holes,
            ],
            true,
        );
    }

    /** Where it bends in use: wax cracks there, fillers too. */
    public function flexes(): bool
    {
        return !\in_array(
            $this,
            [
                self::Toe, self::Counter, self::Welt, self::SoleEdge, self::HeelStack, self::ToeBox, self::HeelTab, self::SpurRest,
                self::Front, self::Back, self::Base, self::ArmourCovers, self::Hardware, self::Buckle,
            ],
            true,
        );
    }

    /** Comes off before cleaning and is listed, so that nothing is lost (S-3). */
    public function isDetachable(): bool
    {
        return \in_array($this, [self::Laces, self::Insole, self::FalseTongue, self::Strap, self::Buckle, self::ArmourCovers], true);
    }

    /** The leather that is seen first and worn hardest: the upper of a shoe, the outside of a bag. */
    public function isOuter(): bool
    {
        return \in_array($this, self::OUTER, true);
    }

    /** The cut edges of sole and heel. */
    public function isEdge(): bool
    {
        return \in_array($this, [self::SoleEdge, self::HeelStack], true);
    }

    /** Inside, out of the way of dressing and polish. */
    public function isInside(): bool
    {
        return \in_array($this, [self::Lining, self::Insole, self::FleshSide], true);
    }

    /** A hand, a knee or a horse holds on to it: nothing slippery (C-5). */
    public function grips(): bool
    {
        return \in_array($this, [self::InnerLeg, self::Seat, self::Palms, self::Outsole], true);
    }

    /** Some things are only to be had on a part of their own: a stiff zip on a zip. */
    public function canHave(FindingKind $finding): bool
    {
        return match ($finding) {
            FindingKind::ZipStiff => \in_array($this, [self::Zip, self::Zips, self::Hardware, self::Lining], true),
            FindingKind::BuckleBent => \in_array(
                $this,
                [self::Buckle, self::Hardware, self::Strap, self::Hooks, self::Quarter, self::Vamp, self::Zip, self::Zips, self::SpurRest],
                true,
            ),
            FindingKind::StackDry, FindingKind::StackSplit => \in_array($this, [self::HeelStack, self::SoleEdge, self::Welt, self::Outsole, self::Edge], true),
            FindingKind::LiningTorn => \in_array($this, [self::Lining, self::Insole, self::Collar, self::Tongue], true),
            FindingKind::EyeletMissing => \in_array(
                $this,
                [self::Facing, self::Eyestay, self::Hooks, self::Shaft, self::Holes, self::Hardware, self::Quarter],
                true,
            ),
            FindingKind::WeltGrit => !\in_array($this, [self::Lining, self::Insole, self::Laces], true),
            default => true,
        };
    }
}
