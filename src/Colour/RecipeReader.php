<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\App\Clock\Deadline;
use KindHeel\App\Http\Refused;
use KindHeel\Core\Colour\CoatLadder;
use KindHeel\Core\Colour\Coats;
use KindHeel\Core\Colour\CoatStep;
use KindHeel\Core\Colour\ColourName;
use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Recipe\CorrectionSearch;
use KindHeel\Core\Colour\Recipe\Layer;
use KindHeel\Core\Colour\Recipe\PotSize;
use KindHeel\Core\Colour\Recipe\Recipe;
use KindHeel\Core\Colour\Recipe\RecipeSearch;
use KindHeel\Core\Product\DryFilm;
use KindHeel\Core\Text\Phrase;

/** What a pot could be: recipes, what to add, coats over its ground. */
final readonly class RecipeReader
{
    private const MILLISECONDS = 2500.0;
    private const MOST_PAINTS = 4;
    private const NEAR = 1.0;
    /** A clean pot must be so much nearer to be worth its paint. */
    private const WORTH_A_POT = 0.5;
    /** A pot may come out this much fuller than it must. */
    private const FULLER = 1.15;
    /** A small pot may hold so many, so that shares come out finely; the rest of its room is for corrections. */
    private const FINE = 45;
    private const MOST_COATS = 20;
    private const BASE_ML = 1.0;

    public function __construct(private PotReader $pots, private Shelf $shelf, private MetamerismWords $lights)
    {
    }

    public function recipes(int $id): RecipesView
    {
        $pot = $this->pots->pot($id);
        $search = new RecipeSearch($this->paints($pot), $pot->aim(), Layer::opaque(), Deadline::in(self::MILLISECONDS));
        $found = $search->recipes($this->size($pot), self::MOST_PAINTS);
        $best = $found[0];
        $missing = $best->differences[0] <= self::NEAR ? null : \sprintf('No mix of the paints on the shelf comes nearer than %.1f. A %s would bring it.', $best->differences[0], ColourName::wanted($pot->aim()->labs[0], $best->labs[0]));

        return new RecipesView(array_map(fn (Recipe $r): RecipeView => $this->view($r, $pot), $found), $missing);
    }

    /** @throws Refused when there is no dab of what is in the pot now */
    public function correction(int $id): CorrectionView
    {
        $pot = $this->pots->pot($id);
        if (null === $pot->freshDab()) {
            throw Refused::now('Dab, let it dry and read it first: only a dry dab tells what this pot really is.');
        }
        $found = (new CorrectionSearch(array_values($this->shelf->paints()), $pot->drops(), $pot->capacity(), $pot->aim(), Layer::opaque(), $this->pots->learned($pot), Deadline::in(self::MILLISECONDS)))->simplest(self::MOST_PAINTS, self::NEAR);
        $additions = $this->shelf->drops($found->additions, $pot->dropMl());
        $words = Phrase::list(array_map(static fn (DropView $d): string => \sprintf('%d %s of %s', $d->drops, 1 === $d->drops ? 'drop' : 'drops', $d->name), $additions));
        $restart = null === $found->reason ? null : $this->restart($pot);
        $again = null === $restart ? '' : implode(' + ', array_map(static fn (DropView $d): string => $d->drops.' '.$d->name, $this->shelf->drops($restart->drops, $pot->dropMl())));

        return new CorrectionView(
            match (true) {
                null === $found->reason && [] === $additions => 'Nothing: it matches. Lay it.',
                null === $found->reason => \sprintf('Add %s.', $words),
                $restart->weighted < $found->after->weighted - self::WORTH_A_POT => \sprintf('Not from here: start again with %s.', $again),
                [] === $additions => $found->reason->message().' This is as near as it comes.',
                default => \sprintf('%s As near as it comes: add %s.', $found->reason->message(), $words),
            },
            null === $found->reason,
            $additions,
            SeenView::of($found->after->spectrum),
            round($found->after->weighted, 2),
            null === $restart ? null : $this->view($restart, $pot),
        );
    }

    /** A clean pot instead, of these tubes as the last dab showed them. */
    private function restart(Pot $pot): Recipe
    {
        $learned = $this->pots->learned($pot);
        $paints = array_map(static fn (Paint $p): Paint => null !== $learned && isset($pot->drops()[$p->id]) ? $learned->paint($p) : $p, $this->paints($pot));

        return (new RecipeSearch($paints, $pot->aim(), Layer::opaque(), Deadline::in(self::MILLISECONDS)))->recipes($this->size($pot), self::MOST_PAINTS)[0];
    }

    private function size(Pot $pot): PotSize
    {
        $least = $pot->leastDrops();

        return PotSize::of($least, (int) max(self::FINE, ceil(self::FULLER * $least)));
    }

    /** Coats of what is in the pot, or of its recipe, over its ground. */
    public function coats(int $id): CoatsView
    {
        $pot = $this->pots->pot($id);
        $drops = $pot->held() > 0 ? $pot->drops() : $pot->recipe();
        $ground = $pot->over();
        if ([] === $drops || null === $ground) {
            throw Refused::now([] === $drops ? 'Choose a recipe first.' : 'Read the ground it will lie on first.');
        }
        $mixture = Mixture::of($this->shelf->paints(), $drops);
        if ($mixture->isClear()) {
            throw Refused::now('Binder alone never covers.');
        }
        $mixture = $this->pots->learned($pot)?->applied($mixture) ?? $mixture;
        $coats = new Coats($pot->perCoat(), self::NEAR, self::MOST_COATS, Light::daylight());
        $bare = $coats->over($mixture, $ground);
        $based = [];
        foreach ($this->bases($mixture) as $base) {
            $ladder = $coats->overBase($mixture, $ground, $base, $pot->perCoat());
            if (null !== $ladder) {
                $based[] = $this->ladder($ladder, $this->shelf->name($base->id), $pot);
            }
        }
        usort($based, static fn (LadderView $a, LadderView $b): int => ($a->baseCoats + (int) $a->coats) <=> ($b->baseCoats + (int) $b->coats));

        return new CoatsView(
            $pot->groundReading()?->spot()->label() ?? '',
            $pot->applicator()->label(),
            $this->ladder($bare, '', $pot),
            $based,
            self::sentence($bare, $based),
        );
    }

    /**
     * A white, and the paint whose tone is nearest to the pot's.
     *
     * @return list<Paint>
     */
    private function bases(Mixture $pot): array
    {
        $light = Light::daylight();
        $aim = $light->lab($pot->look());
        $near = null;
        $least = \INF;
        foreach ($this->shelf->coloursToMix(self::BASE_ML) as $paint) {
            $alone = Mixture::of([$paint->id => $paint], [$paint->id => 1]);
            $dE = Difference::ciede2000($aim, $light->lab($alone->look()));
            if ($alone->contrastRatio(1.0, $light) > 0.9 && $dE < $least) {
                [$near, $least] = [$paint, $dE];
            }
        }
        $white = $this->shelf->white();

        return array_values(array_filter([$white, $near === $white || $near?->id === $white?->id ? null : $near]));
    }

    private function ladder(CoatLadder $ladder, string $base, Pot $pot): LadderView
    {
        $light = Light::daylight();

        return new LadderView(
            $ladder->baseCoats,
            $base,
            $ladder->coats,
            round($ladder->dryUm, 1),
            array_map(static fn (CoatStep $s): CoatStepView => new CoatStepView($s->coat, $light->hex($s->lab), round($s->change, 2), round($s->toOpaque, 2)), $ladder->steps),
            $pot->targetReading()->place()->part->flexes() && $ladder->dryUm > DryFilm::CRACKS_FROM_UM,
        );
    }

    /** @param list<LadderView> $based fewest coats first */
    private static function sentence(CoatLadder $bare, array $based): string
    {
        $best = $based[0] ?? null;
        $all = null === $best ? null : $best->baseCoats + (int) $best->coats;
        $plain = match ($bare->coats) {
            null => \sprintf('More than %d coats: it hides too weakly by itself.', \count($bare->steps)),
            1 => 'One coat covers.',
            default => \sprintf('%d coats cover.', $bare->coats),
        };
        if (null === $best || null === $all || null !== $bare->coats && $all >= $bare->coats) {
            return $plain.(null === $best ? '' : ' A base would save none.');
        }

        return \sprintf('%s Over %d of %s, %d will do.', $plain, $best->baseCoats, $best->base, (int) $best->coats);
    }

    /** @return list<Paint> */
    private function paints(Pot $pot): array
    {
        return $this->shelf->coloursToMix($pot->dropMl()) ?: throw Refused::now('There is no paint on the shelf. Bring a range in first, or characterise one.');
    }

    private function view(Recipe $recipe, Pot $pot): RecipeView
    {
        $drops = $this->shelf->drops($recipe->drops, $pot->dropMl());
        $cents = 0.0;
        $priced = true;
        foreach ($recipe->drops as $code => $count) {
            $price = $this->shelf->products()[$code]->centsPer100Ml();
            $priced = $priced && null !== $price;
            $cents += $count * $pot->dropMl() * ($price ?? 0) / 100.0;
        }
        $mixture = Mixture::of($this->shelf->paints(), $recipe->drops);

        return new RecipeView(
            $drops,
            $recipe->total,
            round($recipe->total * $pot->dropMl(), 2),
            SeenView::of($recipe->spectrum),
            round($recipe->differences[0], 2),
            round($recipe->differences[1] ?? 0.0, 2),
            round($recipe->differences[2] ?? 0.0, 2),
            round($recipe->weighted, 2),
            $this->lights->of($pot->aim(), $recipe->spectrum),
            $recipe->paints(),
            round($mixture->contrastRatio($pot->perCoat(), Light::daylight()), 3),
            $priced ? (int) ceil($cents) : null,
            array_values(array_map(static fn (DropView $d): string => \sprintf('%s: %.1f ml needed, %.1f left', $d->name, $d->ml, $d->leftMl), array_filter($drops, static fn (DropView $d): bool => $d->ml > $d->leftMl))),
        );
    }
}
