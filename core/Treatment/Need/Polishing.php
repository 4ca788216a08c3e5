<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\School;

/** Cream for colour, wax for cover and shine, and the brush. */
final readonly class Polishing
{
    private const TONED = [
        FindingKind::Faded,
        FindingKind::Patchy,
        FindingKind::Scuff,
        FindingKind::Scratch,
        FindingKind::BleachedSpot,
        FindingKind::WaterRing,
        FindingKind::DarkHandling,
    ];

    private Colouring $colouring;

    public function __construct(private Brief $brief)
    {
        $this->colouring = new Colouring($brief);
    }

    /** @return list<Need> */
    public function needs(Half $half): array
    {
        $quick = $this->brief->wishes->leavesOut(FamilyId::Cream->value) && $this->brief->wishes->leavesOut(FamilyId::Wax->value);

        return [
            ...$this->cream($half),
            ...$this->buff($half),
            ...$this->stick($half),
            ...$this->wax($half),
            ...$this->toe($half),
            ...($quick ? $this->shine($half) : []),
        ];
    }

    /** @return list<Part> */
    private function creamed(Half $half): array
    {
        return $this->brief->parts($half, fn (Part $p): bool => $p->at->part->isOuter() && !$this->brief->grips($p) && $this->brief->freshens($p)
            && ($p->material->takesCream() && FamilyId::Paint !== $this->colouring->family($p)
                || Material::RoughOut === $p->material && Dryness::Supple !== $p->dryness));
    }

    /** @return list<Need> */
    private function cream(Half $half): array
    {
        $upper = $this->creamed($half);
        $needs = [];
        foreach ($this->brief->byShade($upper) as $order => $parts) {
            $shade = $this->isToned($upper) ? $this->brief->shade($parts[0]) : null;
            $smooth = array_filter($parts, static fn (Part $p): bool => !$p->material->isNapped());
            $twice = null === $shade
                    ? []
                    : array_filter(
                        $smooth,
                        fn (Part $p): bool => null === $this->colouring->family($p) && $this->brief->worstOfPair($p->at, ...self::TONED) > 2,
                    );
            $coats = [] === $twice ? 1 : 2;
            foreach ([1 => $parts, 2 => array_values($twice)] as $coat => $on) {
                if ([] !== $on) {
                    $labels = $this->brief->labels(Brief::places($on), ...self::TONED);
                    $needs[] = new Need(
                        Step::lay(Phase::Polish, FamilyId::Cream, $this->creamTool($on), Brief::places($on), $coat, $coats),
                        Rank::CREAM + $coat,
                        null === $shade
                            ? Message::of('Neutral cream feeds and shines, and changes no colour.')
                            : Message::of('Cream brings the colour back: %s.', Phrase::list([] === $labels ? [$this->asOne()] : $labels)),
                        [...null === $shade ? ['O-23'] : ['O-23', 'O-19', 'J-7'], ...$order > 0 ? ['C-12'] : []],
                        $shade,
                        null,
                        $order,
                    );
                }
            }
        }

        return $needs;
    }

    private function asOne(): string
    {
        return $this->brief->piece->kind->isPair() ? Message::of('the pair is coloured as one') : Message::of('all of it is coloured as one');
    }

    /**
     * A small dauber keeps off a bare welt or light thread; a nap beside it is taped, since the brush goes past it too (C-13).
     *
     * @param list<Part> $parts
     */
    private function creamTool(array $parts): Applicator
    {
        if ([] === array_filter($parts, static fn (Part $p): bool => !$p->material->isNapped())) {
            return Applicator::Brush;
        }
        foreach ($parts as $part) {
            if ($part->has(Flag::ContrastStitching) || $this->isBesideBare($part)) {
                return Applicator::Dauber;
            }
        }

        return Applicator::Cloth;
    }

    private function isBesideBare(Part $part): bool
    {
        foreach ($this->brief->piece->kind->neighbours($part->at->part) as $beside) {
            $material = $this->brief->piece->part(new Place($beside, $part->at->half))?->material;
            if (true === $material?->mustStayBare()) {
                return true;
            }
        }

        return false;
    }

    /**
     * Colour is added where something on either half asks for it.
     *
     * @param list<Part> $upper
     */
    private function isToned(array $upper): bool
    {
        foreach ($upper as $part) {
            if ($this->brief->worstOfPair($part->at, ...self::TONED) > 0 || null !== $this->colouring->family($part)) {
                return true;
            }
        }

        return false;
    }

    /**
     * A line that cream colours and does not level is filled with a wax stick, where no paint goes that far.
     *
     * @return list<Need>
     */
    private function stick(Half $half): array
    {
        $needs = [];
        $lined = array_filter(
            $this->creamed($half),
            fn (Part $p): bool => $p->material->hasFilm() && $p->material->isLeather()
                && null === $this->colouring->family($p) && null === $this->colouring->touch($p) && $this->brief->worst($p->at, FindingKind::Scratch) > 1,
        );
        foreach ($lined as $part) {
            $needs[] = new Need(
                Step::lay(Phase::Polish, FamilyId::Wax, Applicator::Pen, [$part->at]),
                Rank::BUFF_CREAM + 2,
                Message::of('Scratch: cream colours the line, a wax stick levels it; paint would be more than was agreed.'),
                ['O-23', 'J-2'],
                $this->brief->shade($part),
                areaDm2: $this->colouring->areaOf($this->brief->findings($part->at, FindingKind::Scratch)),
            );
        }

        return $needs;
    }

    /** @return list<Need> */
    private function buff(Half $half): array
    {
        $feeding = new Feeding($this->brief);
        $creamed = $this->creamed($half);
        $fed = $this->brief->parts(
            $half,
            fn (Part $p): bool => $p->at->part->isOuter()
                && !$this->brief->grips($p)
                && null !== $feeding->food($p)
                && Gloss::Matt !== $this->gloss($p)
                && PieceFamily::Garment !== $this->brief->piece->kind->family()
                && !\in_array($p, $creamed, true),
        );
        $needs = [];
        $marked = array_values(array_filter($fed, fn (Part $p): bool => $this->brief->isRubbedWarm($p)));
        $reasons = [
            [Message::of('Cream shines by brushing once it has hazed.'), $creamed],
            [
                Message::of('What was fed is brushed to its own shine, without any colour.'),
                array_values(array_filter($fed, static fn (Part $p): bool => !\in_array($p, $marked, true))),
            ],
        ];
        foreach ($reasons as [$why, $parts]) {
            if ([] !== $parts) {
                $needs[] = new Need($this->buffing($parts), Rank::BUFF_CREAM, $why, ['W-1']);
            }
        }
        if ([] !== $marked) {
            $needs[] = new Need(
                Step::act(Phase::Polish, Action::Buff, Brief::places($marked))->withTool(Applicator::Fingers),
                Rank::BUFF_CREAM,
                Phrase::sentence(
                    '%s: rubbed warm with the thumb, so that fat and warmth lay its edges down. Colour would only draw the eye to it.',
                    Phrase::list($this->brief->labels(Brief::places($marked), ...Brief::MARKS)),
                ),
                ['W-1', 'J-2'],
            );
        }

        return $needs;
    }

    /** @param list<Part> $parts */
    private function buffing(array $parts): Step
    {
        $burnished = [] !== array_filter($parts, static fn (Part $p): bool => Material::Burnished === $p->material);
        $hand = 'hand' === $this->brief->wishes->schools->side(School::Buffing, $burnished ? 'hand' : 'brush-cloth');

        return Step::act(Phase::Polish, Action::Buff, Brief::places($parts))->withTool($hand ? Applicator::Fingers : Applicator::Brush);
    }

    private function gloss(Part $part): Gloss
    {
        return $part->agreed->gloss ?? $this->brief->piece->agreed->gloss;
    }

    /** @return list<Need> */
    private function wax(Half $half): array
    {
        if (!$this->isWaxed()) {
            return [];
        }
        $upper = $this->brief->parts($half, fn (Part $p): bool => $p->at->part->isOuter() && !$this->brief->grips($p) && $this->brief->freshens($p)
            && $p->material->takesCream() && Material::Waxy !== $p->material);
        $edges = $this->brief->parts($half, fn (Part $p): bool => $p->at->part->isEdge() && $p->material->isEdge() && $this->brief->freshens($p));
        $layers = [];
        foreach ($upper as $part) {
            foreach ($this->layers($part) as $coat) {
                $layers[$coat][] = $part;
            }
        }
        $needs = [];
        if (isset($layers[1])) {
            // Wax on an edge matches the edge, not the upper (C-13).
            $same = array_values(array_filter($edges, fn (Part $e): bool => $e->shade === $this->brief->shade($layers[1][0])));
            $other = array_values(array_filter($edges, static fn (Part $e): bool => !\in_array($e, $same, true)));
            $layers[1] = [...$layers[1], ...$same];
            foreach ($this->brief->byShade($other) as $parts) {
                $needs[] = new Need(
                    Step::lay(Phase::Polish, FamilyId::Wax, Applicator::Cloth, Brief::places($parts)),
                    Rank::WAX + 10,
                    Message::of('The edge is waxed in its own shade, with its own cloth.'),
                    ['O-24', 'C-13'],
                    $parts[0]->shade,
                    null,
                    1,
                );
                $needs[] = new Need($this->buffing($parts)->asCoat(2, 2), Rank::WAX + 11, Message::of(
                    'Wax shines by brushing once it has hazed.',
                ), ['W-1'], null, null, 1);
            }
        }
        foreach ($layers as $coat => $parts) {
            $tinted = $coat < 3 && 1 === \count($this->brief->byShade($upper));
            $rank = Rank::WAX + 10 * $coat;
            $needs[] = new Need(
                Step::lay(Phase::Polish, FamilyId::Wax, Applicator::Cloth, Brief::places($parts), $coat, \count($layers)),
                $rank,
                $coat > 2
                    ? Message::of('A mirror is built on toe and counter only, where the leather does not bend.')
                    : Message::of('Wax covers what the cream has coloured; %s is what was asked for.', $this->gloss($parts[0])->value),
                $coat > 1 ? ['O-23', 'J-4'] : ['O-23'],
                $tinted ? $this->brief->shade($parts[0]) : null,
            );
            $mirror = $coat > 2;
            $buffing = $mirror
                ? Step::act(Phase::Polish, Action::Buff, Brief::places($parts))->withTool(Applicator::Cloth)
                : $this->buffing($parts);
            $needs[] = new Need(
                $buffing->asCoat($coat + 1, \count($layers) + 1),
                $rank + 1,
                $mirror ? Message::of(
                    'A brush would break the mirror: a soft cloth and a drop of water close it.',
                ) : Message::of('Wax shines by brushing once it has hazed.'),
                ['W-1'],
            );
        }

        return $needs;
    }

    /**
     * What the owner wants of the toe: a darker wax, blended inward, or burnished with a darker cream.
     *
     * @return list<Need>
     */
    private function toe(Half $half): array
    {
        $needs = [];
        foreach ([[Wish::ToeBurnish, FamilyId::Cream, Rank::CREAM + 5], [Wish::DarkerToe, FamilyId::Wax, Rank::WAX + 35]] as [$wish, $family, $rank]) {
            // Asked for on one half, it is done on both: a pair has one face (J-7).
            $parts = $this->brief->parts($half, fn (Part $p): bool => $wish->suits($p) && ($p->wants($wish)
                || Half::Whole !== $half && true === $this->brief->piece->part($p->at->fellow())?->wants($wish)));
            if ([] === $parts) {
                continue;
            }
            $shade = Shade::Espresso === $this->brief->shade($parts[0]) || Shade::Black === $this->brief->shade($parts[0]) ? Shade::Black : Shade::Espresso;
            $needs[] = new Need(
                Step::lay(Phase::Polish, $family, Applicator::Cloth, Brief::places($parts)),
                $rank,
                Message::of('Asked for: %s, strongest at the edge and blended inward.', $wish->label()),
                ['O-23', 'J-2'],
                $shade,
                null,
                1,
            );
            $needs[] = new Need(
                Step::act(Phase::Polish, Action::Buff, Brief::places($parts), 9, 9)->withTool(Applicator::Fingers),
                $rank + 1,
                Message::of('Rubbed warm until no edge of the darker shade is seen.'),
                ['W-1'],
                null,
                null,
                1,
            );
        }

        return $needs;
    }

    /** Wax is for footwear and straps; on boots for work and leisure a repellent does instead. */
    private function isWaxed(): bool
    {
        $kind = $this->brief->piece->kind;
        $casual = \in_array($kind, [Kind::WorkBoot, Kind::FieldBoot, Kind::Western], true);

        return match ($kind->family()) {
            PieceFamily::Boot, PieceFamily::TallBoot => 'wax' === $this->brief->wishes->schools->side(School::BootFinish, $casual ? 'repellent' : 'wax'),
            PieceFamily::LowShoe, PieceFamily::SmallGoods => true,
            default => false,
        };
    }

    /** Where wax has built up, cream follows and no more wax. */
    private function isLoaded(Part $part): bool
    {
        return $this->brief->worstOfPair($part->at, FindingKind::WaxBuildUp) > 0;
    }

    /** @return list<int> which layers of wax a part gets */
    private function layers(Part $part): array
    {
        $caps = \in_array($part->at->part, [PartName::Toe, PartName::Counter], true);

        return match ($this->isLoaded($part) ? Gloss::Matt : $this->gloss($part)) {
            Gloss::Matt => [],
            Gloss::Satin => [1],
            Gloss::Glow => [1, 2],
            Gloss::Mirror => $caps ? [1, 2, 3, 4, 5] : [1, 2],
        };
    }

    /** @return list<Need> where neither cream nor wax can come to rest in time */
    private function shine(Half $half): array
    {
        $parts = $this->brief->parts(
            $half,
            fn (Part $p): bool => $p->at->part->isOuter() && !$this->brief->grips($p) && $this->brief->freshens($p) && $p->material->takesCream(),
        );

        return [] === $parts
            ? []
            : [
                new Need(
                    Step::lay(Phase::Polish, FamilyId::Shine, Applicator::Sponge, Brief::places($parts)),
                    Rank::WAX,
                    Message::of('A quick shine for the hour; it rubs off on light cloth.'),
                    ['J-8', 'C-14'],
                ),
            ];
    }
}
