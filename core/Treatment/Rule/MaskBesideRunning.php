<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-15', 'Dye, dressing or spray on a bare welt, light stitching or printed canvas stays for good.')]
final readonly class MaskBesideRunning implements PieceRule
{
    /** Where the outside turns into the lining. */
    private const OPENINGS = [PartName::Topline, PartName::Collar, PartName::Tongue, PartName::Cuffs, PartName::Flap];

    public function concerns(Step $step): bool
    {
        return self::brushes($step) || Action::Lay === $step->action && !$step->isSpot()
            && ($step->runs() || self::laysFilm($step) || ($step->laysFat() && Applicator::Dauber !== $step->applicator));
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        $open = self::open($piece, $step);
        if ([] === $open) {
            return null;
        }
        $message = Message::of(
            'Mask the %s first: this would %s.',
            $open[0]->part->label(),
            $step->runs() ? Message::of('run or drift onto it') : Message::of('mark it past the seam'),
        );
        $remedy = Remedy::first(Step::act(Phase::Mask, Action::Mask, $open));

        return [] === array_filter($open, static fn (Place $p): bool => self::isSpoilt($piece->at($p)?->part, $step))
            ? Violation::warn($this, $step, $message, $remedy)
            : Violation::stop($this, $step, $message, $remedy);
    }

    /** Colour or film on it stays for good; cream and the brush can be kept off with a steady hand, and elsewhere it is wiped, or out of sight. */
    private static function isSpoilt(?Part $part, Step $step): bool
    {
        if (null === $part || $step->laysFat() || self::brushes($step)) {
            return false;
        }

        return $part->material->mustStayBare() || $part->material->hasNap() || $part->has(Flag::ContrastStitching)
            || \in_array($part->material, [Material::Rubber, Material::Foam, Material::Patent], true);
    }

    /** @return list<Place> what stands open beside it and would take it, or be marked by it (S-2) */
    private static function open(PieceState $piece, Step $step): array
    {
        $beside = self::beside($piece, $step);
        $runs = $step->runs();
        $open = [];
        foreach ($step->halves() as $half) {
            foreach ($piece->ofHalf($half) as $state) {
                $part = $state->part;
                $adjoins = $beside[$part->at->key] ?? [];
                if ([] === $adjoins && !$runs && !$part->has(Flag::ContrastStitching) || $state->has(Surface::Masked)) {
                    continue;
                }
                if ($part->at->part->isDetachable() && $piece->isDone(Action::TakeApart, $half)) {
                    continue;
                }
                if (
                    self::hasOpenSeams($state, $step)
                    || !$step->touches($part->at) && !$state->has(Surface::SeamsCovered) && self::isInDanger($piece, $state, $step, $adjoins)
                ) {
                    $open[] = $part->at;
                }
            }
        }

        return $open;
    }

    /** @return array<string, list<PartState>> the parts that are worked, by what adjoins them */
    private static function beside(PieceState $piece, Step $step): array
    {
        $beside = [];
        foreach ($piece->touchedBy($step) as $state) {
            foreach ($piece->piece->kind->neighbours($state->part->at->part) as $name) {
                $beside[$state->part->at->half->value.'/'.$name->value][] = $state;
            }
        }

        return $beside;
    }

    /** Contrasting thread on the part itself is covered with a line of resist. */
    private static function hasOpenSeams(PartState $state, Step $step): bool
    {
        return $state->part->has(Flag::ContrastStitching) && !$state->has(Surface::SeamsCovered)
            && ($step->runs() && !self::isSmall($step) || self::laysFilm($step) && $step->touches($state->part->at));
    }

    /** A small dauber keeps dressing where it belongs (C-13). */
    private static function isSmall(Step $step): bool
    {
        return FamilyId::EdgeDressing === $step->family && Applicator::Dauber === $step->applicator;
    }

    /** @param list<PartState> $adjoins worked parts that it adjoins */
    private static function isInDanger(PieceState $piece, PartState $state, Step $step, array $adjoins): bool
    {
        $part = $state->part;
        if ($part->material->mustStayBare() && $step->runs()) {
            return !self::isSmall($step);
        }
        if (FamilyId::Repellent === $step->family) {
            return Material::Patent === $part->material;
        }
        // What has just been coloured takes the clear film as well, where it is to shine alike.
        if ([] !== $adjoins && !$step->does(Effect::Colours) && !$step->laysFat() && $state->hasHadWhat(Effect::Paints, Effect::Dyes)) {
            $shine = $piece->piece->agreedAt($part->at)->gloss;

            return $step->applicator->sprays()
                && [] !== array_filter($adjoins, static fn (PartState $w): bool => $piece->piece->agreedAt($w->part->at)->gloss !== $shine);
        }
        foreach ($adjoins as $worked) {
            if (self::isMarked($piece, $state, $worked, $step)) {
                return true;
            }
        }

        return false;
    }

    private static function isMarked(PieceState $piece, PartState $state, PartState $worker, Step $step): bool
    {
        [$part, $worked] = [$state->part, $worker->part];
        if (self::brushes($step)) {
            return !$part->at->part->isInside() && $part->material->hasNap() && !$worked->material->hasNap();
        }
        if ($part->at->part->isInside()) {
            return !$step->laysFat() && ($step->applicator->sprays() || \in_array($worked->at->part, self::OPENINGS, true));
        }
        if ($step->laysFat()) {
            return $part->material->hasNap() && !$worked->material->hasNap()
                || $part->material->mustStayBare() && FamilyId::Cream === $step->family;
        }
        if (Applicator::Dauber === $step->applicator || FamilyId::EdgeDressing === $step->family) {
            return false;
        }

        return match ($part->material) {
            Material::Metal => false,
            Material::LeatherEdge, Material::LeatherStack => $piece->colourAt($state) !== $piece->colourBy($step, $worker),
            // Thread of the upper's own colour is coloured along with it.
            Material::Textile => PartName::Stitching !== $part->at->part || $part->shade !== $worked->shade,
            default => !self::mayTakeIt($piece, $state, $worker, $step),
        };
    }

    /**
     * The same skin in the same colour takes what drifts onto it, and shows nothing (O-15); nor does one that is to get a colour of its own
     * over all of it, unless a darker one is sprayed beside it.
     */
    private static function mayTakeIt(PieceState $piece, PartState $state, PartState $worker, Step $step): bool
    {
        if ($state->isToBeRefinished() && $step->does(Effect::Colours) && !$step->applicator->sprays()) {
            return true;
        }
        $shows = $state->isToBeRefinished() ? $piece->piece->colourOf($state->part) : $piece->colourAt($state);

        return $state->part->material === $worker->part->material && $shows === $piece->colourBy($step, $worker);
    }

    /** The polishing brush carries polish past a seam. */
    private static function brushes(Step $step): bool
    {
        return Action::Buff === $step->action && Applicator::Brush === $step->applicator;
    }

    private static function laysFilm(Step $step): bool
    {
        return ($step->does(Effect::BuildsFilm) || $step->does(Effect::Dyes)) && !$step->does(Effect::LeavesNoEdge)
            && Applicator::Dauber !== $step->applicator;
    }
}
