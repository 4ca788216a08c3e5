<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Treatment\Action;

/** The words of the trade that screens offer: fetched once, never typed into a screen. */
final readonly class WordsView
{
    /**
     * @param list<WordView<PieceFamily>> $families
     * @param list<KindView>              $kinds
     * @param list<MaterialWordView>      $materials
     * @param list<WordView<Certainty>>   $certainties
     * @param list<WordView<Dryness>>     $dryness
     * @param list<FindingWordView>       $findings
     * @param list<WordView<Severity>>    $severities
     * @param list<WordView<Aim>>         $aims
     * @param list<WordView<Gloss>>       $glosses
     * @param list<ShadeView>             $shades
     * @param list<WordView<Flag>>        $flags
     * @param list<WordView<Patina>>      $patinas
     * @param list<WordView<Wish>>        $wishes      of an owner for a part
     * @param list<TrialWordView>         $trials
     * @param list<WordView<FamilyId>>    $products    families of product
     * @param list<ApplicatorWordView>    $applicators
     * @param list<WordView<Action>>      $acts        what hands do without a product
     * @param list<WordView<DryingPlace>> $places      where a piece stands to dry
     * @param list<WordView<Hazard>>      $hazards     by which products can be left out
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
        public array $wishes,
        public array $trials,
        public array $products,
        public array $applicators,
        public array $acts,
        public array $places,
        public array $hazards,
    ) {
    }
}
