<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Disclosure\Declined;
use KindHeel\Core\Assessment\Disclosure\Expectation;
use KindHeel\Core\Assessment\Disclosure\Prospect;
use KindHeel\Core\Assessment\Disclosure\Referrals;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\PlaceWords;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Need\Brief;
use KindHeel\Core\Treatment\Need\Colouring;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Wish\Wishes;

/** What a plan says beside its steps: what it refuses, what it refers, what is tried first, what the owner has to be told. */
final readonly class Remarks
{
    private Brief $brief;
    /** @var list<Declined> */
    private array $declined;

    public function __construct(private Piece $piece, Wishes $wishes)
    {
        $this->brief = new Brief($piece, $wishes);
        $this->declined = Referrals::of($piece);
    }

    public function isReferredWhole(): bool
    {
        return [] !== array_filter($this->declined, static fn (Declined $d): bool => $d->wholePiece);
    }

    /** @return list<Remark> */
    public function referrals(): array
    {
        $whole = $this->isReferredWhole();
        $said = [];
        foreach ($this->declined as $declined) {
            if ($declined->wholePiece === $whole) {
                $said[] = new Remark($declined->rule, Message::of('%s This is for %s.', $declined->sentence, $declined->to));
            }
        }
        foreach ($whole ? [] : $this->piece->trials as $trial) {
            if (Outcome::ColourOffDamp === $trial->result->outcome && PieceFamily::Garment === $this->piece->kind->family()) {
                $said[] = new Remark(
                    'C-18',
                    Phrase::sentence('A damp cloth takes colour off the %s. Its cleaning is for a leather cleaner with a closed bath.', $trial->at->label()),
                );
            }
        }

        return array_values(array_unique($said, \SORT_REGULAR));
    }

    /**
     * What the rules refused while planning, and what a finding would have asked for where nothing holds.
     *
     * @param list<Refusal> $found
     *
     * @return list<Refusal>
     */
    public function refused(array $found): array
    {
        $colouring = new Colouring($this->brief);
        foreach ($this->piece->parts as $part) {
            if ($part->at->part->isOuter() && $colouring->isCalledFor($part) && null === Colouring::suited($part)) {
                $found[] = $this->colourless($part);
            }
            $suited = Colouring::suited($part);
            $unwanted = null === $suited ? null : $colouring->wished($suited);
            if (
                null !== $unwanted && $part->at->part->isOuter() && $colouring->isCalledFor($part)
                && null === $colouring->family($part) && null === $colouring->touch($part)
            ) {
                $found[] = new Refusal(
                    $part->at,
                    $suited->value,
                    $unwanted instanceof Hazard ? $unwanted->rule() : 'H-1',
                    Message::of('%s is not wanted here.', ucfirst($suited->label())),
                );
            }
            if ($this->brief->grips($part) && $part->material->isLeather() && $part->at->part->isOuter()) {
                $found[] = new Refusal(
                    $part->at,
                    FamilyId::Conditioner->value,
                    'C-5',
                    Phrase::sentence('No conditioner or polish on the %s: it has to grip.', $part->at->part->label()),
                );
            }
        }
        $uncemented = [];
        foreach ($found as $refusal) {
            $uncemented += FamilyId::Cement->value === $refusal->what ? [$refusal->at->key => true] : [];
        }
        // Where no cement may be, that is the reason; that nothing can be joined follows.
        $found = array_values(array_filter(
            $found,
            static fn (Refusal $r): bool => Action::Bond->value !== $r->what || !isset($uncemented[$r->at->key]),
        ));
        usort($found, static fn (Refusal $a, Refusal $b): int => [$a->at->key, $a->what] <=> [$b->at->key, $b->what]);

        return $found;
    }

    private function colourless(Part $part): Refusal
    {
        $because = $part->material->profile()->noColour ?? new Remark('J-2', Message::of('colour does not hold on it, or is not in its surface'));

        return new Refusal(
            $part->at,
            FamilyId::Paint->value,
            $because->rule,
            Phrase::sentence('No colour on the %s, which is %s: %s.', $part->at->part->label(), $part->material->label(), $because->text),
        );
    }

    /**
     * @param list<PlannedStep> $steps
     *
     * @return list<TrialFirst>
     */
    public function trialsFirst(array $steps): array
    {
        $state = PieceState::asFound($this->piece, []);
        $first = $skins = [];
        foreach ($steps as $planned) {
            $family = $planned->step->family;
            if (null === $family || !$planned->step->laysProduct()) {
                continue;
            }
            foreach ($planned->step->on as $place) {
                $part = $state->at($place);
                $skin = null === $part ? '' : $part->part->material->value.'/'.$part->part->shade->value.'/'.$family->value;
                if (null === $part || isset($skins[$skin]) || $part->wasTried($family)) {
                    continue;
                }
                if ($part->needsTrial() || $family->does(Effect::AsksForTrial) && $part->part->material->isLeather()) {
                    $skins[$skin] = true;
                    $first[] = new TrialFirst($place, Trial::Product, $family, $part->needsTrial());
                }
            }
        }

        return [...$first, ...$this->wearOne($steps)];
    }

    /**
     * Of a pair that cannot be replaced one half goes first (T-8).
     *
     * @param list<PlannedStep> $steps
     *
     * @return list<TrialFirst>
     */
    private function wearOne(array $steps): array
    {
        $dear = array_filter($this->piece->parts, fn (Part $p): bool => $p->has(Flag::Irreplaceable) && $this->piece->kind->isPair());
        foreach ([] === $dear ? [] : $steps as $planned) {
            if ($planned->step->laysProduct()) {
                return [new TrialFirst(array_values($dear)[0]->at, Trial::WearOne, $planned->step->family, false)];
            }
        }

        return [];
    }

    /** @return list<Remark> that the promised hour cannot hold the cure, and what could (J-8) */
    public function late(float $elapsedMinutes): array
    {
        $in = $this->brief->wishes->readyInMinutes;
        if (null === $in || $elapsedMinutes <= $in || Aim::ReadyFast === $this->piece->agreed->aim) {
            return [];
        }

        return [
            new Remark(
                'J-8',
                Message::of(
                    'Even with hands that never rest it takes %s hours to come to rest, and there are %s. Agree on a later day, or make it ready fast.',
                    self::hours($elapsedMinutes),
                    self::hours($in),
                ),
            ),
        ];
    }

    private static function hours(float $minutes): string
    {
        return rtrim(rtrim(number_format($minutes / 60.0, 1, '.', ''), '0'), '.');
    }

    /**
     * What these steps come to for each finding: what may usually be promised, where a step keeps it.
     *
     * @param list<PlannedStep> $steps
     * @param list<Refusal>     $refused
     *
     * @return list<Expectation>
     */
    public function expectations(array $steps, array $refused): array
    {
        // What is handed on whole is not promised here.
        return $this->isReferredWhole() ? [] : (new Promises($this->piece, $this->brief, $steps, $refused))->kept();
    }

    /**
     * What stays or is only softened, and what a product brings with it.
     *
     * @param list<PlannedStep> $steps
     * @param list<Expectation> $expectations what the steps come to
     *
     * @return list<Remark>
     */
    public function tellOwner(array $steps, array $expectations): array
    {
        $said = [];
        foreach ($expectations as $told) {
            if (Prospect::Gone !== $told->prospect) {
                $said[] = new Remark($told->rule, $told->sentence);
            }
        }
        array_push($said, ...$this->ungranted());
        $laid = [];
        foreach ($steps as $planned) {
            if (null !== $planned->step->family) {
                $laid[$planned->step->family->value] = $planned->step->on;
            }
        }
        foreach ($laid as $id => $on) {
            $remark = Family::of(FamilyId::from($id))->ownerHears;
            if (null !== $remark) {
                $said[] = new Remark($remark->rule, Phrase::sentence(str_replace('%s', '%1$s', $remark->text), PlaceWords::parts($on)));
            }
        }
        if ([] !== array_filter(array_keys($laid), static fn (string $id): bool => FamilyId::from($id)->does(Effect::Fills))) {
            $said[] = new Remark('J-5', Message::of('What is filled is softened, not gone: in raking light it will still be seen.'));
        }

        return array_values(array_unique($said, \SORT_REGULAR));
    }

    /** @return list<Remark> what was asked for on a part that does not take it */
    private function ungranted(): array
    {
        $said = [];
        foreach ($this->piece->parts as $part) {
            foreach ($part->wishes as $wish) {
                if (!$wish->suits($part)) {
                    $said[] = new Remark('J-2', Phrase::sentence(
                        'Asked for on the %s: %s. It is not done: that is not for %s there.',
                        $part->at->part->label(),
                        $wish->label(),
                        $part->material->label(),
                    ));
                }
            }
        }

        return $said;
    }
}
