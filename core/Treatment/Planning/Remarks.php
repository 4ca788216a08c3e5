<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\FindingKind;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Treatment\Applicator;
use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Phase;
use KindHeel\Core\Treatment\Rule\BrittleIsReferred;
use KindHeel\Core\Treatment\Rule\NoSolventOnDelicate;
use KindHeel\Core\Treatment\Step;

/** What a plan says beside its steps: what it refuses, what it refers, what the owner has to be told. */
final readonly class Remarks
{
    public function __construct(private Piece $piece)
    {
    }

    /** @return list<Remark> */
    public function referrals(): array
    {
        $rule = new BrittleIsReferred();
        $found = [];
        foreach ($this->piece->parts as $part) {
            $wipe = Step::lay(Phase::Clean, FamilyId::DampCloth, Applicator::Cloth, [$part->at]);
            if (null !== $rule->judge($this->asFound($part), $wipe)) {
                $found[] = new Remark('J-6', \sprintf('The %s %s is past what this bench should touch. Hand it on to a conservator, and say why.', $part->at->half->value, $part->at->part->label()));
            }
        }

        return $found;
    }

    /** @return list<Remark> */
    public function refused(): array
    {
        $rule = new NoSolventOnDelicate();
        $found = [];
        foreach ($this->piece->findings as $finding) {
            $part = $this->piece->part($finding->at);
            if (null === $part || !\in_array($finding->kind, [FindingKind::OldPolish, FindingKind::WaxBuildUp, FindingKind::Tar, FindingKind::Glue, FindingKind::Ink], true)) {
                continue;
            }
            $strip = Step::lay(Phase::Clean, FamilyId::SolventMild, Applicator::Cloth, [$part->at]);
            if (null !== $rule->judge($this->asFound($part), $strip)) {
                $found[] = new Remark('C-2', \sprintf('No solvent on the %s %s for the %s: it is %s.', $part->at->half->value, $part->at->part->label(), $finding->kind->label(), $part->material->label()));
            }
        }

        return $found;
    }

    /** @return list<Remark> */
    public function tellOwner(): array
    {
        $found = [];
        foreach ($this->piece->findings as $finding) {
            $sentence = $this->stays($finding);
            if (null !== $sentence) {
                $found[] = new Remark('J-5', \sprintf('%s %s: %s', ucfirst($finding->at->half->value), $finding->at->part->label(), $sentence));
            }
        }

        return $found;
    }

    private function stays(Finding $finding): ?string
    {
        return match ($finding->kind) {
            FindingKind::Crack => 'the crack never closes; feeding slows it, and it will show where the shoe bends.',
            FindingKind::Gouge => Aim::Restore === $this->piece->aim ? 'cream softens the gouge; filling and recolouring it would be work of its own, not in this plan.' : 'the gouge is softened, not filled.',
            FindingKind::Crease => 'the crease is eased by the tree and stays to be seen.',
            FindingKind::Peeling => 'the peeling finish stays; it would have to be stripped and painted, which is not in this plan.',
            FindingKind::BleachedSpot, FindingKind::WaterRing => 'cream tones it down; its outline may still be seen.',
            FindingKind::ColourTransfer, FindingKind::Ink => 'what has set into the leather stays, paler.',
            FindingKind::Scratch, FindingKind::Scuff => $finding->severity->value >= 3 ? 'it is coloured in; in raking light it will still be felt and seen.' : null,
            FindingKind::OpenSeam, FindingKind::SoleParting, FindingKind::LiningTorn, FindingKind::RottenThread, FindingKind::EyeletMissing, FindingKind::BuckleBent => \sprintf('the %s is not mended in this plan.', $finding->kind->label()),
            FindingKind::RoadSalt, FindingKind::SweatSalt, FindingKind::Mould, FindingKind::Tar, FindingKind::Glue, FindingKind::PaintSpots, FindingKind::Silicone, FindingKind::WrongTouchUp => \sprintf('the %s needs more than this plan’s cleaners; some of it will stay.', $finding->kind->label()),
            default => null,
        };
    }

    private function asFound(Part $part): PartState
    {
        return PartState::asFound($part, $this->piece->findingsAt($part->at));
    }
}
