<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Checking;

use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Rule\AcidAndBleachApart;
use KindHeel\Core\Treatment\Rule\BadTrialForbids;
use KindHeel\Core\Treatment\Rule\BleedingLeatherStaysDry;
use KindHeel\Core\Treatment\Rule\BrittleIsReferred;
use KindHeel\Core\Treatment\Rule\CoatWaitsForCoat;
use KindHeel\Core\Treatment\Rule\CreamBeforeWax;
use KindHeel\Core\Treatment\Rule\CureBeforeHandOver;
use KindHeel\Core\Treatment\Rule\DampNotSoaked;
use KindHeel\Core\Treatment\Rule\DegreaseWithinTheHour;
use KindHeel\Core\Treatment\Rule\DetachablesOffFirst;
use KindHeel\Core\Treatment\Rule\DryBeforeNext;
use KindHeel\Core\Treatment\Rule\DustBeforeCloth;
use KindHeel\Core\Treatment\Rule\EdgesAfterUpper;
use KindHeel\Core\Treatment\Rule\FillBeforeColour;
use KindHeel\Core\Treatment\Rule\GentlestCleanerFirst;
use KindHeel\Core\Treatment\Rule\GripStaysRough;
use KindHeel\Core\Treatment\Rule\HalvesTogether;
use KindHeel\Core\Treatment\Rule\JoinInOpenTime;
use KindHeel\Core\Treatment\Rule\LacesLast;
use KindHeel\Core\Treatment\Rule\LayersHaveALimit;
use KindHeel\Core\Treatment\Rule\MaskBesideRunning;
use KindHeel\Core\Treatment\Rule\MetalCovered;
use KindHeel\Core\Treatment\Rule\NapIsRaisedAtTheEnd;
use KindHeel\Core\Treatment\Rule\NeverSandThese;
use KindHeel\Core\Treatment\Rule\NoFatOnNap;
use KindHeel\Core\Treatment\Rule\NoFatUnderFilm;
use KindHeel\Core\Treatment\Rule\NoHeatNearSolvent;
use KindHeel\Core\Treatment\Rule\NoMachineForThese;
use KindHeel\Core\Treatment\Rule\NoSolventOnDelicate;
use KindHeel\Core\Treatment\Rule\NothingIntoHoles;
use KindHeel\Core\Treatment\Rule\NothingOverFreshCement;
use KindHeel\Core\Treatment\Rule\NothingOverSilicone;
use KindHeel\Core\Treatment\Rule\PairGetsTheLastCoat;
use KindHeel\Core\Treatment\Rule\PatentTakesItsOwn;
use KindHeel\Core\Treatment\Rule\PicturesBeforeWet;
use KindHeel\Core\Treatment\Rule\PrintedCanvasIsLeftAlone;
use KindHeel\Core\Treatment\Rule\RecoatInItsWindow;
use KindHeel\Core\Treatment\Rule\RepairBeforeColour;
use KindHeel\Core\Treatment\Rule\RepellentLast;
use KindHeel\Core\Treatment\Rule\ReptileTakesLightCream;
use KindHeel\Core\Treatment\Rule\RubOffBeforeFinish;
use KindHeel\Core\Treatment\Rule\SealBeforeFeeding;
use KindHeel\Core\Treatment\Rule\SoftFirstFinish;
use KindHeel\Core\Treatment\Rule\SolesKeepTheirHold;
use KindHeel\Core\Treatment\Rule\SpotBeforeWash;
use KindHeel\Core\Treatment\Rule\StripOnlyWhatIsRefinished;
use KindHeel\Core\Treatment\Rule\TapeOffWhileSoft;
use KindHeel\Core\Treatment\Rule\TouchDryBeforeTurning;
use KindHeel\Core\Treatment\Rule\TreesBeforeCleaning;
use KindHeel\Core\Treatment\Rule\TrialBeforeFirstTouch;

/** Every rule that this version knows. A new rule is one class in Rule/ and one line here; one that no step can break is a line in {@see SaidRules}. */
final class RuleBook
{
    /** In the order in which their remedies are taken: what is never done, then what comes first, cleaning, waiting, colouring, ending. */
    private const JUDGES = [
        BrittleIsReferred::class,
        BleedingLeatherStaysDry::class,
        NoSolventOnDelicate::class,
        PrintedCanvasIsLeftAlone::class,
        NoFatOnNap::class,
        GripStaysRough::class,
        DampNotSoaked::class,
        NothingIntoHoles::class,
        ReptileTakesLightCream::class,
        NoMachineForThese::class,
        NeverSandThese::class,
        PatentTakesItsOwn::class,
        SolesKeepTheirHold::class,
        StripOnlyWhatIsRefinished::class,
        BadTrialForbids::class,
        LayersHaveALimit::class,
        RepairBeforeColour::class,
        SpotBeforeWash::class,
        SoftFirstFinish::class,
        SealBeforeFeeding::class,
        CreamBeforeWax::class,
        EdgesAfterUpper::class,
        RepellentLast::class,
        HalvesTogether::class,
        DetachablesOffFirst::class,
        PicturesBeforeWet::class,
        TreesBeforeCleaning::class,
        DustBeforeCloth::class,
        TrialBeforeFirstTouch::class,
        GentlestCleanerFirst::class,
        AcidAndBleachApart::class,
        DryBeforeNext::class,
        CoatWaitsForCoat::class,
        TouchDryBeforeTurning::class,
        NothingOverFreshCement::class,
        JoinInOpenTime::class,
        NoHeatNearSolvent::class,
        FillBeforeColour::class,
        NothingOverSilicone::class,
        NoFatUnderFilm::class,
        DegreaseWithinTheHour::class,
        RubOffBeforeFinish::class,
        MaskBesideRunning::class,
        MetalCovered::class,
        TapeOffWhileSoft::class,
        RecoatInItsWindow::class,
        NapIsRaisedAtTheEnd::class,
        LacesLast::class,
        PairGetsTheLastCoat::class,
        CureBeforeHandOver::class,
    ];

    /** @var array<string, string> reason by number, read once from the attributes */
    private static array $reasons = [];

    /** @return list<PartRule|PieceRule> */
    public static function judges(): array
    {
        return array_map(static fn (string $class): PartRule|PieceRule => new $class(), self::JUDGES);
    }

    /** @return array<string, class-string> by number, of the rules that judge steps */
    public static function classes(): array
    {
        $classes = [];
        foreach (self::JUDGES as $class) {
            $classes[Rule::of($class)->number] = $class;
        }

        return $classes;
    }

    /** @return array<string, string> every rule with its reason, judged or said */
    public static function sentences(): array
    {
        return self::$reasons = [] !== self::$reasons
            ? self::$reasons
            : [
                ...array_map(static fn (string $class): string => Rule::of($class)->because, self::classes()),
                ...array_map(Message::of(...), SaidRules::SENTENCES),
            ];
    }

    /** The reason behind a rule's number. */
    public static function because(string $number): string
    {
        return self::sentences()[$number] ?? throw new \OutOfBoundsException('No rule '.$number.'.');
    }
}
