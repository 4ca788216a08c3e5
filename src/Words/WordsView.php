<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

/** The words of the trade that screens offer: fetched once, never typed into a screen. */
final readonly class WordsView
{
    /**
     * @param list<WordView>        $families
     * @param list<KindView>        $kinds
     * @param list<WordView>        $materials
     * @param list<WordView>        $certainties
     * @param list<WordView>        $dryness
     * @param list<FindingWordView> $findings
     * @param list<WordView>        $severities
     * @param list<WordView>        $aims
     * @param list<WordView>        $glosses
     * @param list<ShadeView>       $shades
     * @param list<WordView>        $flags
     * @param list<WordView>        $patinas
     * @param list<TrialWordView>   $trials
     * @param list<WordView>        $products    families of product
     * @param list<WordView>        $applicators
     * @param list<WordView>        $acts        what hands do without a product
     * @param list<WordView>        $hazards     by which products can be left out
     */
    public function __construct(
        public array $families,
        public array $kinds,
        public array $materials,
        public array $certainties,
        public array $dryness,
        public array $findings,
        public array $severities,
        public array $aims,
        public array $glosses,
        public array $shades,
        public array $flags,
        public array $patinas,
        public array $trials,
        public array $products,
        public array $applicators,
        public array $acts,
        public array $hazards,
    ) {
    }
}
