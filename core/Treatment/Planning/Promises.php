<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Disclosure\Expectation;
use KindHeel\Core\Assessment\Disclosure\Expectations;
use KindHeel\Core\Assessment\Disclosure\Prospect;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Finding\FindingGroup;
use KindHeel\Core\Finding\FindingKind as F;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Need\Brief;
use KindHeel\Core\Treatment\Need\Reach;

/**
 * What a plan comes to for each finding.
 *
 * Every word of what may usually be promised stands on a step that does it; where none does, less is said.
 */
final readonly class Promises
{
    /**
     * @param list<PlannedStep> $steps
     * @param list<Refusal>     $refused
     */
    public function __construct(private Piece $piece, private Brief $brief, private array $steps, private array $refused)
    {
    }

    /** @return list<Expectation> the same on several parts said once */
    public function kept(): array
    {
        $kept = [];
        foreach (Expectations::of($this->piece) as $usual) {
            [$prospect, $tail, $rule] = $this->of($usual);
            $kept[] = new Expectation($usual->finding, $prospect, $usual->places, $tail, $rule, $this->piece);
        }

        return Expectation::together($kept, $this->piece);
    }

    /** @return array{Prospect, string, string} what becomes of it, in which words, by which rule */
    private function of(Expectation $usual): array
    {
        $finding = $usual->finding;
        if ([] === $this->steps) {
            return [$usual->prospect, $usual->tail, $this->keepsPatina($usual) ? 'J-3' : 'J-5'];
        }
        $deeds = Deeds::at($finding->at, $this->steps);
        $refusal = $this->uncoloured($finding, $deeds);
        if (null !== $refusal) {
            return [Prospect::Stays, Message::of('stays. ').$refusal->text, $refusal->rule];
        }
        if (Prospect::Stays !== $usual->prospect && !$this->isAnswered($finding)) {
            return $this->unanswered($finding);
        }
        // What stays anyway is told as it is, but where its words speak of feeding or filling.
        $worded = \in_array($finding->kind, [F::Crack, F::Gouge, F::EdgeWorn], true) && !$this->keepsPatina($usual);
        $less = Prospect::Stays === $usual->prospect && !$worded ? null : $this->less($usual, $deeds);

        return null === $less
            ? [$usual->prospect, $usual->tail, $this->keepsPatina($usual) ? 'J-3' : 'J-5']
            : (\is_string($less[1]) ? [$less[0], $less[1], 'J-5'] : $this->unanswered($finding));
    }

    /**
     * What is said instead of the usual words, where the steps do not do all of it.
     *
     * @return array{Prospect, string|null}|null null where every word is kept; no words where nothing good can be said
     */
    private function less(Expectation $usual, Deeds $did): ?array
    {
        $kind = $usual->finding->kind;
        $stays = [Prospect::Stays, null];
        $mark = match (true) {
            $did->colours => null,
            $did->raises => [Prospect::Softer, Message::of('will be brushed up; where the nap has gone it stays bare.')],
            $did->burnishes && $did->feeds => [Prospect::Softer, F::Scratch === $kind
                ? Message::of('will be fed and rubbed warm until it catches the eye less; a nail will still feel it.')
                : Message::of('will be fed and rubbed warm until it catches the eye less.')],
            $did->feeds => [Prospect::Softer, Message::of('will be fed, and catches the eye a little less.')],
            default => $stays,
        };

        return match ($kind) {
            F::Scuff, F::Scratch => $mark,
            F::Gouge => match (true) {
                $did->colours && ($did->fills || Prospect::Stays === $usual->prospect) => null,
                $did->colours => [Prospect::Softer, Message::of('will be coloured; the dent stays to be felt.')],
                $did->feeds => [Prospect::Stays, Message::of('stays; fed, it catches the eye a little less.')],
                default => [Prospect::Stays, Message::of('stays as it is.')],
            },
            F::Peeling => match (true) {
                $did->paints, $did->fills => null,
                $did->dyes => [Prospect::Softer, Message::of('will be dyed up to its surroundings; the edge may be felt.')],
                default => $stays,
            },
            F::Crack => match (true) {
                $did->fills || $did->feeds && Prospect::Stays === $usual->prospect && !str_contains($usual->tail, 'filled') => null,
                $did->colours && $did->dyesOrPaints() => [Prospect::Stays, Message::of(
                    'will be coloured, but never closes; it will show where the leather bends.',
                )],
                $did->feeds => [Prospect::Stays, Message::of('never closes; feeding slows it, and it will show where the leather bends.')],
                default => [Prospect::Stays, Message::of('never closes, and will show where the leather bends.')],
            },
            F::EdgeWorn => match (true) {
                $did->dresses && $did->sands => null,
                $did->dresses => [Prospect::Softer, Message::of('will be dressed; lost height does not come back.')],
                $did->sands => [Prospect::Softer, Message::of('will be smoothed; lost height does not come back.')],
                $did->feeds => [Prospect::Stays, Message::of('stays; it is only cleaned and fed.')],
                default => [Prospect::Stays, Message::of('stays; it is only cleaned.')],
            },
            F::BleachedSpot => match (true) {
                $did->dyesOrPaints() => null,
                $did->colours => [Prospect::Softer, Expectations::TONED_DOWN],
                default => $stays,
            },
            F::Faded, F::Patchy, F::YellowedLeather => match (true) {
                $did->dyesOrPaints() || $did->colours && Prospect::Gone !== $usual->prospect => null,
                $did->colours => [Prospect::Softer, Expectations::TONED_BACK],
                $did->raises => [Prospect::Softer, Message::of('will look a little deeper once the nap is brushed up; faded fibre stays pale.')],
                default => $stays,
            },
            F::DarkHandling => $did->colours ? null : [Prospect::Softer, Message::of(
                'will be cleaned as far as it comes; what has darkened in the leather stays.',
            )],
            F::OldPolish, F::WaxBuildUp => $did->dissolves || Prospect::Gone !== $usual->prospect
                ? null
                : [Prospect::Softer, Expectations::THINNED],
            F::WrongTouchUp => $did->dissolves && $did->dyesOrPaints() ? null : $stays,
            default => null,
        };
    }

    /** What is promised stands on a step that does something about it. */
    private function isAnswered(Finding $finding): bool
    {
        foreach ($this->steps as $planned) {
            if ($planned->step->touches($finding->at) && Answers::finding($finding->kind, $planned->step)) {
                return true;
            }
        }

        return false;
    }

    /** @return array{Prospect, string, string} */
    private function unanswered(Finding $finding): array
    {
        foreach ($this->refused as $refusal) {
            if ($refusal->at->is($finding->at)) {
                return [Prospect::Stays, Message::of('stays. ').$refusal->text, $refusal->rule];
            }
        }
        $part = $this->piece->part($finding->at);
        $why = match (true) {
            $this->brief->wishes->oneHalfOnly && Half::Right === $finding->at->half => Message::of('once the left was dry it was decided to go no further.'),
            Aim::Keep === ($part?->agreed->aim ?? $this->piece->agreed->aim) => Message::of('it was agreed to keep it so.'),
            Aim::WorkProof === ($part?->agreed->aim ?? $this->piece->agreed->aim) => Message::of('it was agreed to make it fit for work, not to make it fine.'),
            Severity::OnlyWhenLookedFor === $finding->severity => Message::of('it is seen only when looked for, and more would take more than it gives.'),
            null === $part => Message::of('nothing is done there.'),
            default => Message::of('nothing that does it good holds on %s.', $part->material->label()),
        };

        return [Prospect::Stays, Message::of('stays: ').$why, 'J-2'];
    }

    private function keepsPatina(Expectation $promise): bool
    {
        $agreed = $this->piece->agreedAt($promise->finding->at);

        return Prospect::Stays === $promise->prospect && Aim::Keep === $agreed->aim && Patina::Keep === $agreed->patina
            && \in_array($promise->finding->kind, [...Reach::WORN_OFF, ...Reach::PATINA, F::Gouge, F::Crease], true);
    }

    /** Why nothing is done about a finding that colour would have covered; null when something is. */
    private function uncoloured(Finding $finding, Deeds $did): ?Refusal
    {
        if ($did->polishes || !\in_array($finding->kind->group(), [FindingGroup::Colour, FindingGroup::Surface], true)) {
            return null;
        }
        foreach ($this->refused as $refusal) {
            $family = FamilyId::tryFrom($refusal->what);
            if (null !== $family && $family->does(Effect::Colours) && $refusal->at->is($finding->at)) {
                return $refusal;
            }
        }

        return null;
    }
}
