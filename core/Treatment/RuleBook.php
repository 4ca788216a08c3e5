<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** Every rule that this version knows. A new rule is one class in Rule/ and one line here. */
final class RuleBook
{
    /** In the order in which their remedies are taken: what comes before all, then cleaning, waiting, colouring, ending. */
    private const JUDGES = [
        Rule\BrittleIsReferred::class,
        Rule\NoSolventOnDelicate::class,
        Rule\NoFatOnNap::class,
        Rule\WaxLimit::class,
        Rule\CreamBeforeWax::class,
        Rule\EdgesAfterUpper::class,
        Rule\HalvesTogether::class,
        Rule\LacesLast::class,
        Rule\PicturesBeforeWet::class,
        Rule\DetachablesOffFirst::class,
        Rule\TreesBeforeCleaning::class,
        Rule\DustBeforeCloth::class,
        Rule\TrialBeforeFirstTouch::class,
        Rule\GentlestCleanerFirst::class,
        Rule\DryBeforeNext::class,
        Rule\CoatWaitsForCoat::class,
        Rule\NoFatUnderFilm::class,
        Rule\DegreaseWithinTheHour::class,
        Rule\MaskBesideDressing::class,
        Rule\TapeOffWhileSoft::class,
        Rule\PairGetsTheLastCoat::class,
        Rule\CureBeforeHandOver::class,
    ];

    /** Said, not judged. */
    private const SAID = [
        Rule\TakeUpBeforeDry::class,
        Rule\DampNotSoaked::class,
        Rule\LeftAndRightApart::class,
        Rule\ListWhatComesOff::class,
        Rule\StopInTime::class,
        Rule\PromiseWhatStays::class,
    ];

    /** @var array<string, string> by number, read once from the attributes */
    private static array $reasons = [];

    /** @return list<PartRule|PieceRule> */
    public static function judges(): array
    {
        return array_map(static fn (string $class): PartRule|PieceRule => new $class(), self::JUDGES);
    }

    /** The reason behind a rule's number. */
    public static function because(string $number): string
    {
        if ([] === self::$reasons) {
            foreach ([...self::JUDGES, ...self::SAID] as $class) {
                $rule = Rule::of($class);
                self::$reasons[$rule->number] = $rule->because;
            }
        }

        return self::$reasons[$number] ?? throw new \OutOfBoundsException('No rule '.$number.'.');
    }
}
