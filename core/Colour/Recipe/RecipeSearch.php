<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Text\Message;

/** Recipes in whole drops from paints that are there. */
final readonly class RecipeSearch
{
    private const OFFERED = 5;
    /** Recipes of the same paints count as different when one of them has more drops apart. */
    private const APART = 2;
    private const STEP = 0.02;

    /** @var array<string, Paint> */
    private array $byId;

    /**
     * @param list<Paint>      $paints
     * @param \Closure(): bool $goOn   asked between mixes: false ends the search with what was found
     *
     * @throws ColourError without paints
     */
    public function __construct(array $paints, private Target $target, private Layer $layer, private \Closure $goOn)
    {
        $byId = [];
        foreach ($paints as $paint) {
            // In an opaque film what is clear changes nothing, and by itself makes none.
            if (null !== $layer->thickness || !$paint->isClear()) {
                $byId[$paint->id] = $paint;
            }
        }
        $this->byId = [] === $byId ? throw new ColourError(Message::of('There are no paints to mix from.')) : $byId;
    }

    /**
     * @param int<1, max> $most   different paints
     * @param bool        $binder whether clear binder may thin it; an opaque film never needs any
     *
     * @return non-empty-list<Recipe> the best first
     */
    public function recipes(PotSize $size, int $most, bool $binder = false): array
    {
        $corners = Corners::empty(array_values($this->byId), $binder && null !== $this->layer->thickness);
        $tallies = (new MixSearch($corners, $this->target, $this->layer, $this->goOn))->drops($most, $size)->all();
        $paints = static fn (Tally $t): int => \count(array_intersect(array_keys($t->drops), $corners->paints));
        usort(
            $tallies,
            static fn (Tally $a, Tally $b): int => [round($a->near / self::STEP), $paints($a), $a->total, $a->near] <=> [
                round($b->near / self::STEP),
                $paints($b),
                $b->total,
                $b->near,
            ],
        );
        $chosen = [];
        foreach ($tallies as $tally) {
            if ([] === array_filter($chosen, static fn (Tally $c): bool => !self::differ($c, $tally))) {
                $chosen[] = $tally;
            }
            if (\count($chosen) >= self::OFFERED) {
                break;
            }
        }
        $recipes = [];
        foreach ($chosen as $tally) {
            $drops = [];
            foreach ($tally->drops as $corner => $count) {
                $drops[$corners->ids[$corner]] = $count;
            }
            $recipes[] = $this->recipe($drops);
        }

        return [] === $recipes ? throw new ColourError(Message::of('No pot of that size can be mixed.')) : $recipes;
    }

    /**
     * The nearest that shares without whole drops come.
     *
     * @param int<1, max> $most
     */
    public function nearest(int $most, bool $binder = false): float
    {
        $corners = Corners::empty(array_values($this->byId), $binder && null !== $this->layer->thickness);
        $model = new MixModel($corners->k, $corners->s, $this->target, $this->layer);
        $found = (new MixSearch($corners, $this->target, $this->layer, $this->goOn))->shares($most, $model);

        return [] === $found ? \INF : min(array_map(static fn (CandidateMix $c): float => $c->near, $found));
    }

    /**
     * What these drops give.
     *
     * @param array<string, int> $drops
     */
    public function recipe(array $drops): Recipe
    {
        $look = Mixture::of($this->byId, $drops)->look($this->layer->ground, $this->layer->thickness);

        return Recipe::of($drops, $look, $this->target);
    }

    /** In their paints, or by a few drops of one of them and not only in the size of the pot. */
    private static function differ(Tally $a, Tally $b): bool
    {
        if (array_keys($a->drops) !== array_keys($b->drops)) {
            return true;
        }
        $apart = $mixed = false;
        foreach ($a->drops as $corner => $count) {
            $apart = $apart || abs($count - $b->drops[$corner]) > self::APART;
            $mixed = $mixed || $b->drops[$corner] * $a->total !== $count * $b->total;
        }

        return $apart && $mixed;
    }
}
