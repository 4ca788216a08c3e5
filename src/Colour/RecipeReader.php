<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use KindHeel\App\Clock\Deadline;
use KindHeel\Core\Colour\CoatLadder;
use KindHeel\Core\Colour\CoatStep;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Pot\BasedCoats;
use KindHeel\Core\Colour\Pot\Covering;
use KindHeel\Core\Colour\Pot\Ground;
use KindHeel\Core\Colour\Pot\Palette;
use KindHeel\Core\Colour\Pot\PotAdvisor;
use KindHeel\Core\Colour\Recipe\LightWords;
use KindHeel\Core\Colour\Recipe\Recipe;
use KindHeel\Core\Colour\Sheen;
use KindHeel\Core\Text\NotNow;

/** What a pot could be: recipes, what to add, coats over its ground. */
final readonly class RecipeReader
{
    /** @param int $recipeMs until something has to be said; tests wait longer, however busy the machine is */
    public function __construct(private PotReader $pots, private ColourShelf $shelf, private GroundAtLaying $grounds, private int $recipeMs)
    {
    }

    /**
     * @param list<string> $without paints that are left standing
     *
     * @throws NotNow when the shelf is bare, or nothing of it is to be used
     */
    public function recipes(int $id, array $without = []): RecipesView
    {
        $pot = $this->pots->pot($id);
        $palette = $this->shelf->palette()->without(...$without);
        $advisor = $this->advisor($pot, $palette);
        $found = $advisor->recipes();

        return new RecipesView(array_map(fn (Recipe $r): RecipeView => $this->view($r, $pot, $palette), $found), $advisor->missing($found[0]));
    }

    /** @throws NotNow when there is no dab of what is in the pot now */
    public function correction(int $id): CorrectionView
    {
        $pot = $this->pots->pot($id);
        $palette = $this->shelf->palette();
        $found = $this->advisor($pot, $palette)->correct();

        return new CorrectionView(
            advice: $found->advice,
            sentence: $found->sentence,
            additions: $this->shelf->drops($found->additions, $pot->dropMl()),
            after: SeenView::of($found->after->spectrum),
            dE00: round($found->after->weighted, 2),
            restart: null === $found->restart ? null : $this->view($found->restart, $pot, $palette),
        );
    }

    /**
     * Coats of what is in the pot, or of its recipe, over its ground.
     *
     * @throws NotNow when nothing is known of what would cover
     */
    public function coats(int $id): CoatsView
    {
        $pot = $this->pots->pot($id);
        [$grounds, $read, $changes] = $this->grounds->of($pot);
        $covering = $this->over($pot, $grounds);
        $flexes = $pot->targetReading()->place()->part->flexes();

        return new CoatsView(
            ground: $read?->spot()->label() ?? '',
            changes: Ground::changed($changes),
            over: \count($grounds) > 1 ? $covering->over->words : null,
            groundHex: Light::daylight()->hex(Light::daylight()->lab(Sheen::moved($covering->over->film, Gloss::Mirror, $pot->finish()))),
            applicator: $pot->applicator()->label(),
            bare: self::ladder($covering->bare, '', $flexes),
            based: array_map(static fn (BasedCoats $b): LadderView => self::ladder($b->coats, $b->name, $flexes), $covering->based),
            sentence: $covering->sentence(),
        );
    }

    /** @throws NotNow when nothing is known of what would cover */
    public function covering(StoredPot $pot): Covering
    {
        return $this->over($pot, $this->grounds->of($pot)[0]);
    }

    /** @param list<Ground> $grounds */
    private function over(StoredPot $pot, array $grounds): Covering
    {
        return Covering::of($pot->value(), $grounds, $pot->applicator(), $this->shelf->palette(), $pot->finish());
    }

    private function advisor(StoredPot $pot, Palette $palette): PotAdvisor
    {
        return new PotAdvisor($pot->value(), $pot->aim(), $palette, $pot->dropMl(), Deadline::in($this->recipeMs));
    }

    private static function ladder(CoatLadder $ladder, string $base, bool $flexes): LadderView
    {
        $light = Light::daylight();
        $step = static fn (CoatStep $s): CoatStepView => new CoatStepView($s->coat, $light->hex($s->lab), round($s->change, 2), round($s->toOpaque, 2));

        return new LadderView($ladder->baseCoats, $base, $ladder->coats, round($ladder->dryUm, 1), array_map($step, $ladder->steps), $ladder->cracks($flexes));
    }

    private function view(Recipe $recipe, StoredPot $pot, Palette $palette): RecipeView
    {
        $drops = $this->shelf->drops($recipe->drops, $pot->dropMl());
        $short = array_filter($drops, static fn (DropView $d): bool => $d->ml > $d->leftMl);
        $mixture = Mixture::of($palette->paints, $recipe->drops);
        $perCoat = $pot->applicator()->dryMicrons() / Paint::COAT_UM;

        return new RecipeView(
            drops: $drops,
            total: $recipe->total,
            ml: round($recipe->total * $pot->dropMl(), 2),
            seen: SeenView::of($recipe->spectrum),
            day: round($recipe->differences[0], 2),
            lamp: round($recipe->differences[1] ?? 0.0, 2),
            tube: round($recipe->differences[2] ?? 0.0, 2),
            weighted: round($recipe->weighted, 2),
            lights: LightWords::of($pot->aim()->bare, $recipe->spectrum),
            paints: $recipe->paints(),
            cover: round($mixture->contrastRatio($perCoat, Light::daylight()), 3),
            cents: $this->cents($recipe, $pot->dropMl()),
            short: array_values(array_map(static fn (DropView $d): string => \sprintf('%s: %.1f ml needed, %.1f left', $d->name, $d->ml, $d->leftMl), $short)),
        );
    }

    /** Hundredths of the workshop's money, rounded up; nothing where a tube has no price. */
    private function cents(Recipe $recipe, float $dropMl): ?int
    {
        $cents = BigDecimal::zero();
        foreach ($recipe->drops as $code => $count) {
            $price = $this->shelf->colours()[$code]->centsPer100Ml();
            if (null === $price) {
                return null;
            }
            $cents = $cents->plus(BigDecimal::of((string) $dropMl)->multipliedBy($count)->multipliedBy($price));
        }

        return $cents->dividedBy(100, 0, RoundingMode::Up)->toInt();
    }
}
