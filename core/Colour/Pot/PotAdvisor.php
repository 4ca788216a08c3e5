<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\ColourName;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Recipe\Correction;
use KindHeel\Core\Colour\Recipe\CorrectionSearch;
use KindHeel\Core\Colour\Recipe\Layer;
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
    /** A clean pot must be so much nearer to be worth its paint. */
    private const WORTH_A_POT = 0.5;

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
        return $this->search($this->colours());
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
        $search = new CorrectionSearch(
            array_values($this->palette->paints),
            $this->pot->drops,
            $this->pot->capacity(),
            $this->aim->bare,
            Layer::opaque(),
            $this->pot->learned($this->palette),
            $this->goOn,
        );
        $found = $search->simplest(self::MOST_PAINTS, self::NEAR);
        $restart = null === $found->reason ? null : $this->restart();
        $advice = match (true) {
            null === $restart => [] === $found->additions ? Advice::Lay : Advice::Add,
            $restart->weighted < $found->after->weighted - self::WORTH_A_POT => Advice::StartAgain,
            default => Advice::AsNearAsItComes,
        };

        return new PotCorrection($advice, $this->sentence($advice, $found, $restart), $found->additions, $found->after, $restart);
    }

    private function sentence(Advice $advice, Correction $found, ?Recipe $restart): string
    {
        $additions = Phrase::list(
            array_map(
                fn (string $paint, int $n): string => Message::of('%d %s of %s', $n, 1 === $n ? 'drop' : 'drops', $this->palette->name($paint)),
                array_keys($this->palette->ordered($found->additions)),
                $this->palette->ordered($found->additions),
            ),
        );
        $nearest =
            $found->reason?->message().([] === $found->additions ? Message::of(
                ' This is as near as it comes.',
            ) : Message::of(' As near as it comes: add %s.', $additions));

        return match ($advice) {
            Advice::Lay => Message::of('Nothing: it matches. Lay it.'),
            Advice::Add => Message::of('Add %s.', $additions),
            Advice::StartAgain => Message::of('Not from here: start again with %s.', $this->palette->words($restart->drops ?? [])),
            Advice::AsNearAsItComes => $nearest,
        };
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
