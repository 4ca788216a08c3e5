<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\FindingKind;
use KindHeel\Core\Assessment\Honesty\Declined;
use KindHeel\Core\Assessment\Honesty\OwnerPage;
use KindHeel\Core\Assessment\Honesty\Prospect;
use KindHeel\Core\Assessment\Honesty\Referrals;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Phrase;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Treatment\Applicator;
use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Phase;
use KindHeel\Core\Treatment\Rule\NoSolventOnDelicate;
use KindHeel\Core\Treatment\Step;

/** What a plan says beside its steps: what it refuses, what it refers, what the owner has to be told. */
final readonly class Remarks
{
    private const UNPLANNED = [
        FindingKind::OpenSeam, FindingKind::SoleParting, FindingKind::LiningTorn, FindingKind::RottenThread, FindingKind::EyeletMissing, FindingKind::BuckleBent,
        FindingKind::ZipStiff, FindingKind::StackSplit, FindingKind::RoadSalt, FindingKind::SweatSalt, FindingKind::Mould, FindingKind::Tar, FindingKind::Glue,
        FindingKind::PaintSpots, FindingKind::Silicone, FindingKind::WrongTouchUp, FindingKind::Peeling, FindingKind::Gouge, FindingKind::FlatNap, FindingKind::YellowedRubber, FindingKind::LiftedScales,
    ];

    public function __construct(private Piece $piece)
    {
    }

    /** @return list<Remark> */
    public function referrals(): array
    {
        return array_values(array_map(
            static fn (Declined $d): Remark => new Remark($d->rule, \sprintf('%s This is for %s.', $d->sentence, $d->to)),
            array_filter(Referrals::of($this->piece), static fn (Declined $d): bool => $d->wholePiece),
        ));
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
                $found[] = new Remark('C-2', \sprintf('No solvent on the %s for the %s: it is %s.', $part->at->label(), $finding->kind->label(), $part->material->label()));
            }
        }

        return $found;
    }

    /** @return list<Remark> what stays or is only softened, and what this plan leaves undone */
    public function tellOwner(): array
    {
        $page = OwnerPage::for($this->piece);
        $said = [];
        foreach ($page->promises as $promise) {
            if (\in_array($promise->finding->kind, self::UNPLANNED, true)) {
                $said[] = new Remark('J-5', Phrase::sentence('%s on the %s is not mended in this plan; it is work of its own.', $promise->finding->kind->noun(), $promise->finding->at->label()));
            } elseif (Prospect::Gone !== $promise->prospect) {
                $said[] = new Remark('J-5', $promise->sentence);
            }
        }
        foreach ($this->unplannedMaterials() as $material => $parts) {
            $said[] = new Remark('J-5', Phrase::sentence('What is %s is left as it is in this plan: %s.', $material, Phrase::list($parts)));
        }
        if (\in_array($this->piece->agreed->aim, [Aim::Recolour, Aim::Restore, Aim::WorkProof], true)) {
            $said[] = new Remark('J-5', Phrase::sentence('This plan works with cleaners, cream and wax; %s.', match ($this->piece->agreed->aim) {
                Aim::Recolour => 'the new colour is dye or paint, and work of its own',
                Aim::Restore => 'filling, dye and paint are work of their own',
                default => 'grease and repellent are work of their own',
            }));
        }

        return $said;
    }

    /** @return array<string, non-empty-list<string>> names of outer parts by the material that this plan does not touch */
    private function unplannedMaterials(): array
    {
        $left = [];
        foreach ($this->piece->parts as $part) {
            if ($part->at->part->isOuter() && !$part->material->isUpperLeather()) {
                $left[$part->material->label()][$part->at->part->value] = $part->at->part->label();
            }
        }

        return array_map(array_values(...), $left);
    }

    private function asFound(Part $part): PartState
    {
        return PartState::asFound($part, $this->piece->findingsAt($part->at));
    }
}
