<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\ColourName;
use KindHeel\Core\Colour\MatchLimit;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Recipe\CorrectionSearch;
use KindHeel\Core\Colour\Recipe\Layer;
use KindHeel\Core\Colour\Recipe\NotReached;
use KindHeel\Core\Colour\Recipe\Recipe;
use KindHeel\Core\Colour\Recipe\RecipeSearch;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\NotNow;
use KindHeel\Core\Text\Phrase;

/** What a pot could be, and what to add to it: the colour is matched thick, as a dab shows it. */
final readonly class PotAdvisor
{
    private const MOST_PAINTS = 4;
    /** ΔE00 within which a mix matches. */
    private const NEAR = 1.0;
    /** A clean pot must be so much nearer to be worth mixing, and by as much again where all of a full pot is thrown away for it. */
    private const WORTH_A_POT = 0.5;
    private const WORTH_ITS_PAINT = 1.0;
    /** What brings it no nearer than that is not worth adding. */
    private const WORTH_A_DROP = 0.2;
    /** A pot so many times as large is asked whether room is what is missing. */
    private const LARGER = 8;

    /**
     * @param float            $dropMl a drop of this pot
     * @param \Closure(): bool $goOn   asked between mixes: false ends a search with what was found
     */
    public function __construct(private Pot $pot, private PotAim $aim, private Palette $palette, private float $dropMl, private \Closure $goOn)
    {
    }

    /**
     * @return non-empty-list<Recipe> the best first
     *
     * @throws NotNow when the shelf is bare
     */
    public function recipes(): array
    {
        $parts = $this->pot->parts();

        return array_map(
            static fn (Recipe $r): Recipe => 1 === $parts ? $r : new Recipe(
                array_map(static fn (int $n): int => $n * $parts, $r->drops),
                $r->total * $parts,
                $r->spectrum,
                $r->labs,
                $r->differences,
                $r->weighted,
                $r->worst,
            ),
            $this->search($this->colours()),
        );
    }

    /** What no paint at hand brings, when even the best recipe misses. */
    public function missing(Recipe $best): ?string
    {
        return $best->differences[0] <= self::NEAR ? null : Message::of(
            'No mix of the paints on the shelf comes nearer than %.1f. A %s would bring it.',
            $best->differences[0],
            ColourName::wanted($this->aim->lab(), $best->labs[0]),
        );
    }

    /** @throws NotNow when there is no dab of what is in the pot now */
    public function correct(): PotCorrection
    {
        if (!$this->pot->isDabbed()) {
            throw new NotNow(Message::of('Dab, let it dry and read it first: only a dry dab tells what this pot really is.'));
        }
        $found = $this->correction($this->pot->capacity())->simplest(self::MOST_PAINTS, self::NEAR);
        if (null === $found->reason) {
            $advice = [] === $found->additions ? Advice::Lay : Advice::Add;
            $sentence = Advice::Lay === $advice ? Message::of('Nothing: it matches. Lay it.') : Message::of('Add %s.', $this->drops($found->additions));

            return new PotCorrection($advice, $sentence, $found->additions, $found->after, null);
        }
        $restart = $this->restart();
        $thrown = min(1.0, $this->pot->held() / max(1, $this->pot->need->drops));
        $after = $found->before->weighted - $found->after->weighted < self::WORTH_A_DROP ? $found->before : $found->after;
        $anew = $after->weighted > MatchLimit::BetweenParts->dE00()
            && $after->weighted - $restart->weighted > self::WORTH_A_POT + self::WORTH_ITS_PAINT * $thrown;
        $additions = $after === $found->before ? [] : $found->additions;

        return $anew
            ? new PotCorrection(Advice::StartAgain, $this->startAgain($found->reason, $after, $restart), $additions, $after, $restart)
            : new PotCorrection(Advice::AsNearAsItComes, $this->asItComes($found->reason, $additions, $after), $additions, $after, $restart);
    }

    /** @param array<string, int> $additions */
    private function asItComes(NotReached $reason, array $additions, Recipe $after): string
    {
        $near = $after->weighted <= MatchLimit::BetweenParts->dE00()
            ? Message::of('off by %.1f, as near as two parts beside each other need, not two places on one', $after->weighted)
            : Message::of('off by %.1f', $after->weighted);

        return (NotReached::OutOfRange === $reason ? $reason->message().' ' : '').([] === $additions
            ? Message::of('Leave it: it is %s, and nothing that could be added brings it nearer.', $near)
            : Message::of('As near as it comes: add %s. It is then %s.', $this->drops($additions), $near));
    }

    /** Why, and what it is better by. */
    private function startAgain(NotReached $reason, Recipe $after, Recipe $restart): string
    {
        $why = NotReached::Capacity === $reason ? $this->noRoom() ?? $reason->message() : $reason->message();

        return Message::of(
            '%s Start again with %s: that comes to %.1f, this pot to %.1f.',
            $why,
            $this->palette->words($restart->drops),
            $restart->weighted,
            $after->weighted,
        );
    }

    /** What turning it would take against what it has room for; null where more room would not do. */
    private function noRoom(): ?string
    {
        $found = $this->correction(self::LARGER * $this->pot->capacity())->simplest(self::MOST_PAINTS, self::NEAR);
        $room = max(0, $this->pot->capacity() - $this->pot->held());

        return null !== $found->reason || $found->added() <= $room ? null : Message::of(
            'It would need %.1f ml more, and the pot has room for %.1f.',
            $found->added() * $this->dropMl,
            $room * $this->dropMl,
        );
    }

    private function correction(int $capacity): CorrectionSearch
    {
        return new CorrectionSearch(
            array_values($this->palette->paints),
            $this->pot->drops,
            $capacity,
            $this->aim->bare,
            Layer::opaque(),
            $this->pot->learned($this->palette),
            $this->goOn,
        );
    }

    /** @param array<string, int> $additions */
    private function drops(array $additions): string
    {
        $additions = $this->palette->ordered($additions);

        return Phrase::list(array_map(
            fn (string $paint, int $n): string => Message::of('%s of %s', Portion::of($n, $this->dropMl, null)->words(), $this->palette->name($paint)),
            array_keys($additions),
            $additions,
        ));
    }

    /** A clean pot instead, of these tubes as the last dab showed them. */
    private function restart(): Recipe
    {
        $learned = $this->pot->learned($this->palette);
        $known = fn (Paint $p): Paint => null !== $learned && isset($this->pot->drops[$p->id]) ? $learned->paint($p) : $p;

        return $this->search(array_map($known, $this->colours()))[0];
    }

    /**
     * @param list<Paint> $paints
     *
     * @return non-empty-list<Recipe>
     */
    private function search(array $paints): array
    {
        return (new RecipeSearch($paints, $this->aim->bare, Layer::opaque(), $this->goOn))->recipes($this->pot->size(), self::MOST_PAINTS);
    }

    /** @return non-empty-list<Paint> */
    private function colours(): array
    {
        return $this->palette->colours($this->dropMl) ?: throw new NotNow(Message::of(
            'There is no paint on the shelf. Bring a range in first, or characterise one.',
        ));
    }
}
