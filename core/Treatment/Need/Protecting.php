<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\School;

/** The last layer: against water and stain, and never where it makes something slippery. */
final readonly class Protecting
{
    public function __construct(private Brief $brief)
    {
    }

    /** @return list<Need> */
    public function needs(Half $half): array
    {
        $grip = $this->brief->parts(
            $half,
            fn (Part $p): bool => ($this->brief->grips($p) && $p->at->part->isOuter() && $p->material->isLeather())
                || (Material::RacingHide === $p->material && $p->at->part->isOuter()),
        );
        $sprayed = $this->brief->parts($half, fn (Part $p): bool => FamilyId::Repellent === $this->cover($p) && !\in_array($p, $grip, true));
        $greased = $this->brief->parts($half, fn (Part $p): bool => FamilyId::HeavyWax === $this->cover($p) && !\in_array($p, $grip, true));
        $napped = $this->brief->parts($half, static fn (Part $p): bool => $p->material->isNapped() && $p->at->part->isOuter());
        $needs = [];
        if ([] !== $grip) {
            $needs[] = new Need(
                Step::lay(Phase::Protect, FamilyId::GripSafeProtector, Applicator::Pad, Brief::places($grip)),
                Rank::PROTECT,
                Message::of('What has to grip is protected by something that does not make it slippery.'),
                ['C-5', 'H-7'],
            );
        }
        if ([] !== $greased) {
            $needs[] = new Need(
                Step::lay(Phase::Protect, FamilyId::HeavyWax, Applicator::Cloth, Brief::places($greased)),
                Rank::PROTECT,
                Message::of('For wet work the leather is closed with a thick wax, welt and seams first.'),
                ['J-4', 'H-4'],
            );
        }
        foreach ([Applicator::SprayCan->value => false, Applicator::Pad->value => true] as $id => $holes) {
            $on = array_filter($sprayed, static fn (Part $p): bool => $holes === Colouring::hasHoles($p));
            [$first, $second] = self::sides($on);
            $why = Message::of('It sheds water for a while; nothing that is leather keeps it out for good.');
            foreach ([[$first, $why], [$second, Message::of('The second side: turned over.')]] as [$side, $why]) {
                if ([] !== $side) {
                    $needs[] = new Need(
                        Step::lay(Phase::Protect, FamilyId::Repellent, Applicator::from($id), Brief::places($side)),
                        Rank::PROTECT + ($side === $second ? 3 : 2),
                        $why,
                        [...$holes ? ['O-25', 'C-7'] : ['O-25', 'O-26'], ...$side === $second ? ['W-8'] : []],
                        order: $holes ? 0 : 1,
                    );
                }
            }
        }
        if ([] !== $napped) {
            $needs[] = new Need(
                Step::act(Phase::Protect, Action::RaiseNap, Brief::places($napped)),
                Rank::RAISE_NAP,
                Message::of('Nap is raised at the end, all one way.'),
                ['C-9'],
            );
        }

        return $needs;
    }

    /**
     * What lies on its back is sprayed on one side first, and turned over for the other.
     *
     * @param array<Part> $on
     *
     * @return array{list<Part>, list<Part>}
     */
    private static function sides(array $on): array
    {
        $names = array_map(static fn (Part $p): PartName => $p->at->part, $on);
        if (!\in_array(PartName::Front, $names, true) || !\in_array(PartName::Back, $names, true)) {
            return [array_values($on), []];
        }
        $under = static fn (Part $p): bool => \in_array($p->at->part, [PartName::Back, PartName::Base], true);

        return [array_values(array_filter($on, static fn (Part $p): bool => !$under($p))), array_values(array_filter($on, $under))];
    }

    /** Not what the hand holds and what is seen beside dyed leather (C-5). */
    private static function takesHeavyWax(Part $part): bool
    {
        return !\in_array($part->at->part, [PartName::Handle, PartName::Strap, PartName::Trim, PartName::Piping], true);
    }

    /** What keeps water off a part; null when nothing should or need. */
    private function cover(Part $part): ?FamilyId
    {
        if (!$part->at->part->isOuter()) {
            return null;
        }
        $aim = $this->brief->aim($part);
        $work = Aim::WorkProof === $aim;
        $kind = $this->brief->piece->kind;
        $boots = $kind->family()->isFootwear() && \in_array($kind->family(), [PieceFamily::Boot, PieceFamily::TallBoot], true);
        $instead = $boots
            && 'repellent' === $this->brief->wishes->schools->side(
                School::BootFinish,
                \in_array($kind, [Kind::WorkBoot, Kind::FieldBoot, Kind::Western], true) ? 'repellent' : 'wax',
            );
        $heavy = 'heavy-wax' === $this->brief->wishes->schools->side(School::WetWork, $work ? 'heavy-wax' : 'cream');

        return match ($part->material) {
            Material::Suede, Material::Nubuck, Material::RoughOut => FamilyId::Repellent,
            Material::VegTan => $work && $heavy && self::takesHeavyWax($part) ? FamilyId::HeavyWax : FamilyId::Repellent,
            Material::Waxy => $work && $heavy && self::takesHeavyWax($part) ? FamilyId::HeavyWax : ($work || $instead ? FamilyId::Repellent : null),
            Material::Pigmented, Material::SemiAniline, Material::Aniline, Material::Burnished => match (true) {
                $work || $instead && Aim::Keep !== $aim => FamilyId::Repellent,
                default => null,
            },
            Material::Textile => $work || PieceFamily::Bag === $kind->family() ? FamilyId::Repellent : null,
            Material::Embossed, Material::SheepNappa, Material::Synthetic => $work ? FamilyId::Repellent : null,
            Material::Patent, Material::ReptileMatt, Material::ReptileGlazed, Material::RacingHide, Material::CoatedCanvas, Material::Rubber, Material::Foam,
            Material::LeatherStack, Material::LeatherEdge, Material::BareWelt, Material::PlasticStack, Material::Metal => null,
        };
    }
}
