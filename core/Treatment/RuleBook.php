<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** Every rule that this version knows. A new rule is one class in Rule/ and one line here. */
final class RuleBook
{
    /** In the order in which their remedies are taken: what is never done, then what comes first, cleaning, waiting, colouring, ending. */
    private const JUDGES = [
        Rule\BrittleIsReferred::class,
        Rule\BleedingGarmentStaysDry::class,
        Rule\NoSolventOnDelicate::class,
        Rule\PrintedCanvasIsLeftAlone::class,
        Rule\NoFatOnNap::class,
        Rule\GripStaysRough::class,
        Rule\DampNotSoaked::class,
        Rule\NothingIntoHoles::class,
        Rule\ReptileTakesLightCream::class,
        Rule\NoMachineForThese::class,
        Rule\NeverSandThese::class,
        Rule\PatentTakesItsOwn::class,
        Rule\SolesKeepTheirHold::class,
        Rule\StripOnlyWhatIsRefinished::class,
        Rule\BadTrialForbids::class,
        Rule\LayersHaveALimit::class,
        Rule\RepairBeforeColour::class,
        Rule\SpotBeforeWash::class,
        Rule\SoftFirstFinish::class,
        Rule\SealBeforeFeeding::class,
        Rule\CreamBeforeWax::class,
        Rule\EdgesAfterUpper::class,
        Rule\RepellentLast::class,
        Rule\HalvesTogether::class,
        Rule\DetachablesOffFirst::class,
        Rule\PicturesBeforeWet::class,
        Rule\TreesBeforeCleaning::class,
        Rule\DustBeforeCloth::class,
        Rule\TrialBeforeFirstTouch::class,
        Rule\GentlestCleanerFirst::class,
        Rule\AcidAndBleachApart::class,
        Rule\DryBeforeNext::class,
        Rule\CoatWaitsForCoat::class,
        Rule\NothingOverFreshCement::class,
        Rule\JoinInOpenTime::class,
        Rule\NoHeatNearSolvent::class,
        Rule\FillBeforeColour::class,
        Rule\NothingOverSilicone::class,
        Rule\NoFatUnderFilm::class,
        Rule\DegreaseWithinTheHour::class,
        Rule\RubOffBeforeFinish::class,
        Rule\MaskBesideRunning::class,
        Rule\MetalCovered::class,
        Rule\TapeOffWhileSoft::class,
        Rule\RecoatInItsWindow::class,
        Rule\NapIsRaisedAtTheEnd::class,
        Rule\LacesLast::class,
        Rule\PairGetsTheLastCoat::class,
        Rule\CureBeforeHandOver::class,
    ];

    /** Said, not judged: no order of steps can break them. */
    private const SAID = [
        Rule\AirMustSuit::class,
        Rule\BaseUnderWeakColour::class,
        Rule\BladesHaveAStand::class,
        Rule\DustIsMasked::class,
        Rule\EvenlyDampBeforeDye::class,
        Rule\GritByGrit::class,
        Rule\LabelComesFirst::class,
        Rule\LeaveItAlone::class,
        Rule\LeftAndRightApart::class,
        Rule\ListWhatComesOff::class,
        Rule\LongestWaitOvernight::class,
        Rule\MissedWindowIsKeyed::class,
        Rule\NeighboursAreReached::class,
        Rule\OilyRagsHeat::class,
        Rule\OxidiserIsWatched::class,
        Rule\PalerPartLast::class,
        Rule\PeroxideBurns::class,
        Rule\PromiseWhatStays::class,
        Rule\RepellentOutdoors::class,
        Rule\SequenceOverSpeed::class,
        Rule\SettledBeforeColourIsJudged::class,
        Rule\ShadeMatchesThePart::class,
        Rule\SkinIsGloved::class,
        Rule\SolventsNeedAir::class,
        Rule\SprayNeedsAFilter::class,
        Rule\StopInTime::class,
        Rule\TakeUpBeforeDry::class,
        Rule\TransferIsTold::class,
        Rule\TurnWhenTouchDry::class,
        Rule\WarmAirOnlyOnFilms::class,
        Rule\WaterNeedsMovingAir::class,
        Rule\WearOneNotTwo::class,
        Rule\WorkOneWhileOneDries::class,
    ];

    /** @var array<string, string> reason by number, read once from the attributes */
    private static array $reasons = [];

    /** @return list<PartRule|PieceRule> */
    public static function judges(): array
    {
        return array_map(static fn (string $class): PartRule|PieceRule => new $class(), self::JUDGES);
    }

    /** @return array<string, class-string> class by number, judged or said */
    public static function classes(): array
    {
        $classes = [];
        foreach ([...self::JUDGES, ...self::SAID] as $class) {
            $classes[Rule::of($class)->number] = $class;
        }

        return $classes;
    }

    /** The reason behind a rule's number. */
    public static function because(string $number): string
    {
        if ([] === self::$reasons) {
            self::$reasons = array_map(static fn (string $class): string => Rule::of($class)->because, self::classes());
        }

        return self::$reasons[$number] ?? throw new \OutOfBoundsException('No rule '.$number.'.');
    }
}
