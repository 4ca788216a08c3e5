<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\RecordedTrial;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\DryFilm;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Surface;

/**
 * A part in the middle of the work: what it is, and what the steps so far have made of its surface.
 *
 * A value: what changes is a copy, made in {@see After()}.
 */
final class PartState
{
    /** @var array<string, true> by {@see Surface} */
    private array $surface = [];
    private ?LaidCoat $top = null;
    private ?LaidCoat $cement = null;
    /** @var list<LaidCoat> films and cement that are still to cure, whatever lies over them: none cures sooner than one laid after it (O-29) */
    private array $curing = [];
    /** @var array<string, LaidCoat> what was tried out of sight and dries there, by family */
    private array $trials = [];
    private ?string $degreasedBy = null;
    /** The last thing that was done to it was a trial. */
    private bool $justTried = false;
    /** Everything that was tried on it, where no family is named. */
    private bool $triedAll = false;
    /** @var array<string, true> families that were tried out of sight, and went well */
    private array $tried = [];
    /** @var array<string, Outcome> families whose trial went badly */
    private array $spoilt = [];
    /** @var array<string, int> whole coats laid so far, by family id */
    private array $coats = [];
    /** @var array<string, true> families of which a whole coat or a spot has been laid */
    private array $laid = [];
    private float $filmMicrons;
    /** @var array<string, true> by {@see FindingKind} */
    private array $found = [];
    private bool $erased = false;

    /**
     * @param list<Finding>       $findings
     * @param list<RecordedTrial> $recorded      trials that tell of this part
     * @param int                 $colouredAhead coats of colour over all of it that are still to come
     * @param int                 $touchedAhead  touches of colour on a spot of it that are still to come
     */
    private function __construct(
        public readonly Part $part,
        public readonly array $findings,
        public readonly array $recorded,
        private int $colouredAhead,
        private int $touchedAhead,
    ) {
        $this->filmMicrons = $part->material->hasFilm() ? DryFilm::AS_FOUND_UM : 0.0;
        foreach ($findings as $finding) {
            $this->found[$finding->kind->value] = true;
        }
        foreach ($recorded as $trial) {
            $family = $trial->product ?? (Trial::AlcoholBud === $trial->result->trial ? FamilyId::Alcohol : null);
            if (null !== $family && \in_array($trial->result->trial, [Trial::Product, Trial::WearOne, Trial::AlcoholBud], true)) {
                if ($trial->result->outcome->spoils()) {
                    $this->spoilt[$family->value] = $trial->result->outcome;
                } elseif (Trial::AlcoholBud !== $trial->result->trial) {
                    $this->tried[$family->value] = true;
                }
            }
        }
    }

    /**
     * As it comes over the counter: with loose dirt, and with the fat of old polish.
     *
     * @param list<Finding>       $findings
     * @param list<RecordedTrial> $trials
     * @param int                 $colouredAhead coats of colour over all of it that are to come
     * @param int                 $touchedAhead  touches of colour on a spot of it that are to come
     */
    public static function asFound(Part $part, array $findings, array $trials, int $colouredAhead = 0, int $touchedAhead = 0): self
    {
        $state = new self($part, $findings, $trials, $colouredAhead, $touchedAhead);
        $state->surface = [Surface::LooseDirt->value => true, Surface::Fat->value => true];
        if ($state->showed(Outcome::ColourOffDry)) {
            // Loose colour comes off before anything is laid over it (T-2, O-20).
            $state->surface[Surface::LooseDye->value] = true;
        }

        return $state;
    }

    public function has(Surface $fact): bool
    {
        return isset($this->surface[$fact->value]);
    }

    public function coatsOf(FamilyId $family): int
    {
        return $this->coats[$family->value] ?? 0;
    }

    public function hasHad(FamilyId ...$families): bool
    {
        foreach ($families as $family) {
            if (isset($this->laid[$family->value])) {
                return true;
            }
        }

        return false;
    }

    /** It has had a product with one of these effects. */
    public function hasHadWhat(Effect ...$effects): bool
    {
        foreach ($this->laid as $id => $_) {
            foreach ($effects as $effect) {
                if (FamilyId::from($id)->does($effect)) {
                    return true;
                }
            }
        }

        return false;
    }

    public function hasFinding(FindingKind ...$kinds): bool
    {
        foreach ([] === $this->found ? [] : $kinds as $kind) {
            if (isset($this->found[$kind->value])) {
                return true;
            }
        }

        return false;
    }

    /** It has a bleached spot that is seen at arm's length. */
    public function isPale(): bool
    {
        return [] !== array_filter(
            $this->findings,
            static fn (Finding $f): bool => FindingKind::BleachedSpot === $f->kind && $f->severity->atLeast(Severity::AtArmsLength),
        );
    }

    /** What lies on top and dries. */
    public function top(): ?LaidCoat
    {
        return $this->top;
    }

    /** Cement, until it has cured (C-17). */
    public function cement(): ?LaidCoat
    {
        return $this->cement;
    }

    /**
     * What still has to cure: every film and the cement, and what lies on top.
     *
     * @return list<LaidCoat>
     */
    public function uncured(Step $for): array
    {
        $open = [];
        foreach ([...$this->curing, $this->top] as $coat) {
            if (null !== $coat && !isset($open[$coat->step]) && !$coat->isReady(Stage::Full, $for)) {
                $open[$coat->step] = $coat;
            }
        }

        return array_values($open);
    }

    /**
     * The trial of a product, until it is dry there; where trials do not say of what, any of them may be it.
     *
     * @return list<LaidCoat>
     */
    public function trialsOf(FamilyId $family): array
    {
        if (isset($this->trials[$family->value])) {
            return [$this->trials[$family->value]];
        }

        return array_values(array_filter($this->trials, static fn (string $of): bool => str_starts_with($of, '#'), \ARRAY_FILTER_USE_KEY));
    }

    /** The step after which nothing fatty has touched the bare ground. */
    public function degreasedBy(): ?string
    {
        return $this->degreasedBy;
    }

    /** Dry thickness of all that lies on it. */
    public function filmMicrons(): float
    {
        return $this->filmMicrons;
    }

    /** Colour over all of it is still to come, so that what lifts colour may be used (C-2, C-9, C-11). */
    public function isToBeRefinished(): bool
    {
        return $this->colouredAhead > 0;
    }

    /** A touch of colour is still to come, so that its spot may be cleaned with what lifts colour. */
    public function isToBeTouchedIn(): bool
    {
        return $this->touchedAhead > 0;
    }

    /** Nothing that is tried would be new. */
    public function wasAllTried(Step $trial): bool
    {
        return [] === $trial->tries ? $this->justTried : [] === array_filter($trial->tries, fn (FamilyId $f): bool => !$this->wasTried($f));
    }

    /** Nothing touches it in sight before it was tried: of its material, or because a drop sinks in at once (T-1). */
    public function needsTrial(): bool
    {
        return $this->part->needsTrial() || $this->showed(Outcome::AbsorbsAtOnce);
    }

    public function wasTried(FamilyId $family): bool
    {
        return $this->triedAll || isset($this->tried[$family->value]);
    }

    /** The act would find nothing to do: no loose dye, no filler, no tape, nothing to brush. */
    public function isIdle(Action $action): bool
    {
        return match ($action) {
            Action::RubOff => !$this->has(Surface::LooseDye),
            Action::Unclamp => null === $this->cement,
            Action::Buff => !$this->has(Surface::Unbuffed),
            Action::Unmask => !$this->has(Surface::Masked) && !$this->has(Surface::SeamsCovered),
            default => false,
        };
    }

    /** The eraser has been tried. */
    public function wasErased(): bool
    {
        return $this->erased;
    }

    /** What came of its trial, where it went badly. */
    public function spoiltBy(FamilyId $family): ?Outcome
    {
        return $this->spoilt[$family->value] ?? null;
    }

    public function showed(Outcome $outcome): bool
    {
        foreach ($this->recorded as $trial) {
            if ($trial->result->outcome === $outcome) {
                return true;
            }
        }

        return false;
    }

    /** What lies on it, as a wait for the given step; null when nothing does or it is sure to wait. */
    public function unready(Stage $stage, Step $for): ?LaidCoat
    {
        return null === $this->top || $this->top->isReady($stage, $for) ? null : $this->top;
    }

    public function after(Step $step): self
    {
        $next = clone $this;
        if ([] !== $step->after) {
            $next->pass($step);
        }
        $next->justTried = $this->justTried || Action::Trial === $step->action;
        $next->colouredAhead = max(0, $this->colouredAhead - ($step->recolours() ? 1 : 0));
        $next->touchedAhead = max(0, $this->touchedAhead - ($step->touchesIn() ? 1 : 0));
        if (null !== $next->top?->waitedUntil && $next->top->waitedUntil->covers(Stage::Next)) {
            unset($next->surface[Surface::Damp->value]);
        }
        if (Action::Lay === $step->action && null !== $step->family) {
            $next->lay($step, $step->family);
        } else {
            $next->act($step);
        }

        return $next;
    }

    /** What the step has waited for has come that far. */
    private function pass(Step $step): void
    {
        $this->top = $this->top?->passedBy($step);
        $this->cement = $this->cement?->passedBy($step);
        foreach ($this->curing as $i => $coat) {
            $this->curing[$i] = $coat->passedBy($step);
        }
        foreach ($this->trials as $what => $trial) {
            $this->trials[$what] = $trial->passedBy($step);
        }
    }

    /** The same part once something else has been done to the piece. */
    public function withoutTrialJustNow(): self
    {
        if (!$this->justTried) {
            return $this;
        }
        $next = clone $this;
        $next->justTried = false;

        return $next;
    }

    /** The same part where a coat of colour that was to come will not. */
    public function expectingOneLess(): self
    {
        $next = clone $this;
        $next->colouredAhead = max(0, $this->colouredAhead - 1);

        return $next;
    }

    private function act(Step $step): void
    {
        match ($step->action) {
            Action::DustOff => $this->lose(Surface::LooseDirt),
            Action::Mask => $this->gain(
                $this->part->has(Flag::ContrastStitching) && !$this->part->material->mustStayBare() ? Surface::SeamsCovered : Surface::Masked,
            ),
            Action::Unmask => $this->lose(Surface::Masked, Surface::SeamsCovered),
            Action::RubOff => $this->lose(Surface::LooseDye),
            Action::Buff => $this->lose(Surface::Unbuffed),
            Action::RaiseNap => $this->lose(Surface::NapDown),
            Action::Erase => $this->erase(),
            Action::Sand => $this->sand(),
            Action::Trial => $this->try($step),
            default => null,
        };
    }

    private function erase(): void
    {
        $this->erased = true;
        if ($this->part->material->isNapped()) {
            $this->gain(Surface::NapDown);
        }
    }

    private function sand(): void
    {
        $this->gain(Surface::LooseDirt);
        $this->lose(Surface::Unsanded, Surface::CleanFilm);
        $this->degreasedBy = null;
    }

    private function try(Step $step): void
    {
        $this->triedAll = $this->triedAll || [] === $step->tries;
        foreach ($step->tries as $family) {
            $this->tried[$family->value] = true;
            $this->trials[$family->value] = new LaidCoat($step->id, $step->dryingFamily() ?? FamilyId::DampCloth);
        }
        if ([] === $step->tries) {
            $this->trials['#'.$step->id] = new LaidCoat($step->id, FamilyId::DampCloth);
        }
    }

    private function lay(Step $step, FamilyId $family): void
    {
        $this->laid[$family->value] = true;
        if (!$step->isSpot() && null === $step->insteadOf) {
            $this->coats[$family->value] = ($this->coats[$family->value] ?? 0) + 1;
        }
        if (Family::of($family)->dries()) {
            $this->top = new LaidCoat($step->id, $family);
        }
        if ($step->wets()) {
            $this->gain(Surface::Damp);
        }
        if ($this->part->material->isNapped() && ($step->wets() || $step->does(Effect::Dyes) || $step->applicator->sprays())) {
            $this->gain(Surface::NapDown);
        }
        $this->cures($step, $family);
        $this->grounds($step);
        $this->covers($step, Family::of($family));
    }

    /** A film that is laid later and cures as long holds the earlier ones as well. */
    private function cures(Step $step, FamilyId $family): void
    {
        if ($step->does(Effect::TakesFinishDown) && !$step->isSpot()) {
            $this->curing = [];
        }
        if (null !== $this->top && $this->top->step === $step->id && ($step->laysFilm() || $step->coats() || $step->does(Effect::Bonds))) {
            $full = Family::of($family)->drying->fullMinutes;
            $this->curing = [
                ...array_values(array_filter($this->curing, static fn (LaidCoat $c): bool => Family::of($c->family)->drying->fullMinutes > $full)),
                $this->top,
            ];
        }
    }

    /** What a product makes of the ground for a film. */
    private function grounds(Step $step): void
    {
        if ($step->laysFat()) {
            $this->gain(Surface::Fat, Surface::Unbuffed);
            $this->lose(Surface::CleanFilm);
        }
        if ($step->does(Effect::Degreases)) {
            $this->degreasedBy = $step->id;
        } elseif ($step->laysFilm() && !$step->does(Effect::Bonds)) {
            $this->gain(Surface::CleanFilm);
            $this->degreasedBy = null;
        } elseif (!$step->does(Effect::LeavesGround)) {
            $this->degreasedBy = null;
            $this->lose(Surface::CleanFilm);
        }
    }

    private function covers(Step $step, Family $family): void
    {
        $this->lose(...$family->takesOff($step->isSpot()));
        $this->gain(...$family->leaves($step->isSpot()));
        if ($step->does(Effect::BuildsFilm) && !$step->isSpot() && null === $step->insteadOf) {
            $this->filmMicrons += $step->applicator->dryMicrons();
        }
        if ($step->does(Effect::Bonds)) {
            $this->cement = $this->top;
        }
        if ($step->does(Effect::TakesFinishDown) && !$step->isSpot()) {
            $this->lose(Surface::Painted, Surface::Sealed, Surface::CleanFilm, Surface::Repellent);
            $this->filmMicrons = 0.0;
        }
    }

    private function gain(Surface ...$facts): void
    {
        foreach ($facts as $fact) {
            $this->surface[$fact->value] = true;
        }
    }

    private function lose(Surface ...$facts): void
    {
        foreach ($facts as $fact) {
            unset($this->surface[$fact->value]);
        }
    }
}
