<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Step;

/** Linings, insoles and laces: hygiene, when the outside is dry (O-28). */
final readonly class Inside
{
    private const SOILED = [
        FindingKind::Dust, FindingKind::Mud, FindingKind::GroundInDirt, FindingKind::BodyGrease, FindingKind::SweatSalt, FindingKind::Mould,
        FindingKind::RoadSalt, FindingKind::ColourTransfer,
    ];

    public function __construct(private Brief $brief)
    {
    }

    /** @return list<Need> */
    public function needs(Half $half): array
    {
        $inside = $this->brief->parts($half, static fn (Part $p): bool => $p->at->part->isInside() && PartName::FleshSide !== $p->at->part);
        $soiled = array_filter($inside, fn (Part $p): bool => $this->brief->worst($p->at, ...self::SOILED) > 0 && !$p->material->isNapped());
        $musty = array_filter($inside, fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::Odour, FindingKind::Mould, FindingKind::SweatSalt) > 0);
        $laces = $this->brief->parts(
            $half,
            fn (Part $p): bool => PartName::Laces === $p->at->part && Material::Textile === $p->material && $this->brief->worst($p->at, ...self::SOILED) > 0,
        );
        $needs = [];
        if ([] !== $laces) {
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::FoamCleaner, Applicator::None, Brief::places($laces)),
                Rank::CLEAN + 3,
                Message::of('Textile laces are washed apart.'),
                ['O-2', 'S-3'],
            );
        }
        $leather = $this->brief->parts($half, static fn (Part $p): bool => PartName::Laces === $p->at->part && $p->material->takesCream());
        if ([] !== $leather) {
            $needs[] = new Need(
                Step::lay(Phase::Condition, FamilyId::Conditioner, Applicator::Fingers, Brief::places($leather)),
                Rank::CONDITION,
                Message::of('Laces of leather are drawn through a creamed palm.'),
                ['S-3', 'O-2'],
            );
        }
        if ([] !== $soiled) {
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::DampCloth, Applicator::Cloth, Brief::places($soiled)),
                Rank::INSIDE,
                Message::of('The inside is wiped when the outside is dry.'),
                ['O-28', 'C-6'],
            );
        }
        if ([] !== $musty) {
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::LiningSpray, Applicator::SprayCan, Brief::places($musty)),
                Rank::INSIDE + 2,
                Phrase::sentence(
                    '%s: the lining is aired and sprayed.',
                    Phrase::list($this->brief->labels(Brief::places($musty), FindingKind::Odour, FindingKind::Mould, FindingKind::SweatSalt)),
                ),
                ['O-28'],
            );
        }

        return $needs;
    }
}
