<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;

/** The ground for colour: the old finish taken down where it is laid anew, what is missing filled, no fat left. */
final readonly class Filling
{
    private Colouring $colouring;

    public function __construct(private Brief $brief)
    {
        $this->colouring = new Colouring($brief);
    }

    /**
     * @param list<Part> $parts that get colour
     *
     * @return list<Need>
     */
    public function needs(array $parts): array
    {
        return [...$this->stripping($parts), ...$this->filling($parts), ...$this->degreasing($parts)];
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Need>
     */
    private function stripping(array $parts): array
    {
        $stripped = array_filter($parts, fn (Part $p): bool => FamilyId::Paint === $this->colouring->family($p)
            && \in_array($p->material, [Material::Pigmented, Material::SemiAniline, Material::Embossed], true)
            || $p->material->isLeather() && !$p->material->isNapped() && $this->brief->worst($p->at, FindingKind::WrongTouchUp, FindingKind::Silicone) > 0);
        $keyed = array_filter($parts, static fn (Part $p): bool => \in_array($p->material, [Material::Synthetic, Material::Rubber, Material::Foam], true));
        $needs = [];
        if ([] !== $stripped) {
            $needs[] = new Need(
                Step::lay(Phase::Strip, FamilyId::Deglosser, Applicator::Pad, Brief::places($stripped)),
                Rank::STRIP,
                Message::of('The old finish is taken down where it is laid anew, and nowhere else.'),
                ['O-9'],
                otherwise: FamilyId::SolventMild,
            );
        }
        if ([] !== $keyed) {
            $needs[] = new Need(Step::act(Phase::Strip, Action::Sand, Brief::places($keyed)), Rank::KEY, Message::of(
                'Paint needs a key on what is not leather.',
            ), [
                'O-9',
                'O-11',
            ]);
        }

        return $needs;
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Need>
     */
    public function filling(array $parts): array
    {
        $needs = [];
        foreach ($parts as $part) {
            if (!self::isFillable($part)) {
                continue;
            }
            $cracks = $this->brief->findings($part->at, FindingKind::Crack);
            $holes = $this->brief->findings($part->at, FindingKind::Gouge, FindingKind::Peeling);
            if ([] !== $cracks) {
                $needs[] = new Need(
                    Step::lay(Phase::Fill, FamilyId::CrackFiller, Applicator::Brush, [$part->at]),
                    Rank::FILL,
                    Message::of('A crack is bound from within before it is coloured; it will come back where it bends.'),
                    ['O-10', 'J-5'],
                    areaDm2: $this->colouring->areaOf($cracks),
                );
            }
            $layers = $this->colouring->layers($part);
            for ($layer = 1; $layer <= $layers; ++$layer) {
                $needs[] = new Need(
                    Step::lay(Phase::Fill, FamilyId::Filler, Applicator::Bud, [$part->at], $layer, $layers),
                    Rank::FILL + 3 * $layer,
                    1 === $layers
                        ? Message::of('What is missing is filled level, in one thin layer.')
                        : Message::of('What is missing is filled in %d thin layers: thick filler cracks.', $layers),
                    ['O-10'],
                    areaDm2: $this->colouring->areaOf($holes),
                );
                $needs[] = new Need(
                    Step::act(Phase::Fill, Action::Sand, [$part->at], $layer, $layers),
                    Rank::FILL + 3 * $layer + 1,
                    Message::of('Each layer is sanded level when it is dry.'),
                    ['O-10', 'O-11', 'H-5'],
                    areaDm2: $this->colouring->areaOf($holes),
                );
            }
        }

        return $needs;
    }

    private static function isFillable(Part $part): bool
    {
        return !$part->material->isNapped() && !\in_array($part->material, [Material::Rubber, Material::Foam], true);
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Need>
     */
    private function degreasing(array $parts): array
    {
        $needs = [];
        foreach ($this->brief->byColour($parts) as $turn => $of) {
            $needs[] = new Need(
                Step::lay(Phase::Degrease, FamilyId::Alcohol, Applicator::Cloth, Brief::places($of)),
                Rank::colour($turn, Rank::DEGREASE),
                Message::of('Colour holds, and takes evenly, only where no fat is left.'),
                ['O-12', 'O-13'],
                otherwise: FamilyId::SolventMild,
            );
        }

        return $needs;
    }
}
