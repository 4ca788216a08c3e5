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
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\School;

/** What cleaning begins with: mould, dust, trees, nap and the damp cloth; then dirt up its ladder, and stains. */
final readonly class Cleaning
{
    private DirtLadder $ladder;
    private Stains $stains;

    public function __construct(private Brief $brief)
    {
        $this->ladder = new DirtLadder($brief);
        $this->stains = new Stains($brief);
    }

    /** @return list<Need> */
    public function needs(Half $half): array
    {
        $outside = $this->brief->parts($half, static fn (Part $p): bool => self::isOutside($p));
        if ([] === $outside) {
            return [];
        }

        return [
            ...$this->mould($half),
            ...$this->dusting($outside),
            ...$this->tree($half),
            ...$this->nap($half),
            ...$this->damp($outside),
            ...$this->ladder->needs($outside),
            ...$this->stains->needs($outside),
        ];
    }

    /**
     * Mould before all: carried outdoors, brushed off, treated and dried, so that it goes no further.
     *
     * @return list<Need>
     */
    private function mould(Half $half): array
    {
        $mouldy = $this->brief->parts($half, fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::Mould) > 0);
        if ([] === $mouldy) {
            return [];
        }
        $places = Brief::places($mouldy);

        return [
            new Need(
                Step::act(Phase::DryClean, Action::DustOff, $places),
                Rank::MOULD,
                Message::of('Mould: kept apart from other pieces, brushed off outdoors with a mask on, before anything else.'),
                ['O-4', 'H-5'],
            ),
            new Need(
                Step::lay(Phase::DryClean, FamilyId::LiningSpray, Applicator::Cloth, $places),
                Rank::MOULD + 1,
                Message::of('What lives in it is killed before it is cleaned, wiped on and left to dry; else it comes back.'),
                ['O-5', 'J-5'],
                otherwise: FamilyId::CleanerNeutral,
            ),
        ];
    }

    private static function isOutside(Part $part): bool
    {
        return !$part->at->part->isInside() && !\in_array($part->at->part, [PartName::Laces, PartName::Stitching, PartName::Holes], true);
    }

    /**
     * @param list<Part> $outside
     *
     * @return list<Need>
     */
    private function dusting(array $outside): array
    {
        $left = array_values(array_filter($outside, fn (Part $p): bool => 0 === $this->brief->worst($p->at, FindingKind::Mould)));

        return [] === $left ? [] : [
            new Need(Step::act(Phase::DryClean, Action::DustOff, Brief::places($left)), Rank::DUST, $this->dust($left), ['O-4']),
        ];
    }

    /** @param list<Part> $outside */
    private function dust(array $outside): string
    {
        $labels = $this->brief->labels(
            Brief::places($outside),
            FindingKind::Dust,
            FindingKind::Mud,
            FindingKind::WeltGrit,
            FindingKind::Insects,
        );

        return [] === $labels
            ? Message::of('Dust and grit come off before any cloth.')
            : Phrase::sentence('%s: what is loose comes off before any cloth.', Phrase::list($labels));
    }

    /** @return list<Need> */
    private function tree(Half $half): array
    {
        $flat = $this->brief->piece->kind->isFlat()
            && [] === $this->brief->parts($half, fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::Crease, FindingKind::ShapeLost) > 0);
        $upper = $flat || $this->ladder->isMachineWashed()
            ? []
            : $this->brief->parts($half, static fn (Part $p): bool => $p->at->part->isOuter() && !$p->at->part->isDetachable());

        return [] === $upper
            ? []
            : [
                new Need(
                    Step::act(Phase::TakeApart, Action::Tree, Brief::places($upper)),
                    Rank::TREE,
                    Message::of('What is filled out holds its shape while it is worked on, and its creases open.'),
                    ['O-3'],
                ),
            ];
    }

    /** @return list<Need> */
    private function nap(Half $half): array
    {
        $napped = $this->brief->parts($half, static fn (Part $p): bool => $p->material->isNapped() && $p->at->part->isOuter());
        $dirty = array_filter(
            $napped,
            fn (Part $p): bool => $this->brief->worst(
                $p->at,
                FindingKind::FlatNap,
                FindingKind::Scuff,
                FindingKind::WaterRing,
                FindingKind::Ink,
                ...DirtLadder::DIRT,
                ...Stains::SALT,
            ) > 0,
        );
        $wet = array_filter(
            $dirty,
            fn (Part $p): bool => $p->material->hasNap()
                && ($this->brief->worst(
                    $p->at,
                    ...DirtLadder::DIRT
                ) > 2 || ($this->brief->wishes->climbed[Ladder::Nap->key($p->at)] ?? 0) > 0 || $this->brief->worst(
                    $p->at,
                    FindingKind::WaterRing,
                    FindingKind::SweatSalt
                ) > 1),
        );
        $looked = array_values(array_filter(
            $dirty,
            fn (Part $p): bool => $p->material->hasNap() && $this->brief->worst($p->at, ...DirtLadder::DIRT) > 1 && !\in_array($p, $wet, true),
        ));
        $flat = array_filter($napped, fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::FlatNap) > 0);
        $needs = [];
        if ([] !== $dirty) {
            $needs[] = new Need(Step::act(Phase::DryClean, Action::Erase, Brief::places($dirty)), Rank::ERASE, Message::of(
                'Nap is cleaned dry before it is cleaned wet.',
            ), [
                'O-5',
                'C-9',
            ]);
        }
        if ([] !== $wet) {
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::SuedeCleaner, Applicator::Sponge, Brief::places($wet)),
                Rank::CLEAN,
                Message::of('The eraser does not reach it: the whole part is cleaned, never the spot alone.'),
                ['O-5', 'C-6'],
            );
        }
        if ([] !== $looked) {
            $needs[] = new Need(
                Step::act(Phase::Clean, Action::Gate, Brief::places($looked), Ladder::Nap->look(1)),
                Rank::CLEAN - 1,
                Message::of('The eraser may be enough; the nap is wetted only where it is not.'),
                ['O-5', 'J-2'],
                look: 'nap',
            );
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::SuedeCleaner, Applicator::Sponge, Brief::places($looked)),
                Rank::CLEAN,
                Message::of('Only if the look says so: the whole part is cleaned, never the spot alone.'),
                ['O-5', 'C-6'],
                heldBehind: 'nap',
            );
        }
        if ([] !== $flat) {
            $needs[] = new Need(Step::act(Phase::Clean, Action::RaiseNap, Brief::places($flat)), Rank::NAP, Message::of(
                'Flat nap is lifted once it is dry.',
            ), ['C-9']);
        }

        return $needs;
    }

    /**
     * @param list<Part> $outside
     *
     * @return list<Need>
     */
    private function damp(array $outside): array
    {
        $dryFirst = 'dry-first' === $this->brief->wishes->schools->side(School::Cleaning, 'damp-first');
        $wiped = array_filter(
            $outside,
            fn (Part $p): bool => !$p->material->hasNap()
                && !$this->ladder->startsWithCream($p) && Material::Metal !== $p->material && PartName::Outsole !== $p->at->part
            && (!$dryFirst || $this->brief->worst($p->at, ...DirtLadder::CAUSTIC) > 0)
            && (!$p->material->isReptile() || $this->brief->worst($p->at, ...DirtLadder::DIRT, ...Stains::SALT) > 0)
        );

        return [] === $wiped ? [] : [new Need(
            Step::lay(Phase::Clean, FamilyId::DampCloth, Applicator::Cloth, Brief::places($wiped)),
            Rank::DAMP,
            $dryFirst ? Message::of(
                'What is caustic or sticky is wiped off, though cleaning starts dry here.',
            ) : Message::of('The gentlest cleaner comes first.'),
            ['O-5', 'C-6'],
        )];
    }
}
