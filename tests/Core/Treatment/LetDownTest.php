<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Planning\Supply;
use KindHeel\Core\Treatment\Wish\LetDown;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;
use PHPUnit\Framework\TestCase;

/** Dyes that were chosen from the ladder are what the plan lays: which, how far let down, how often, from light to deep. */
final class LetDownTest extends TestCase
{
    public function testThePlanLaysTheWashesThatWereChosenWithTheirAmounts(): void
    {
        $piece = Shoes::pair()->of(Material::VegTan)->to(Aim::Recolour, Gloss::Satin)->with('left/vamp', FindingKind::Faded, 3)->piece();
        $tan = new LetDown('tan dye', FamilyId::DyeSpirit, 7, 'alcohol', Applicator::Cloth);
        $walnut = new LetDown('walnut dye', FamilyId::DyeSpirit, 3, 'alcohol', Applicator::Dauber);
        $plan = Planner::plan($piece, Air::reference(), new Wishes(Schools::usual(), washes: ['vamp' => [$tan, $tan, $walnut]]));
        self::assertSame([], Checker::standard()->check($piece, $plan->order()));
        $of = static fn (string $key): array => array_values(array_filter(
            $plan->steps,
            static fn (PlannedStep $s): bool => $s->step->does(Effect::Dyes) && !$s->step->isSpot()
                && \in_array($key, array_map(strval(...), $s->step->on), true),
        ));
        $vamp = $of('left/vamp');
        self::assertSame(['cloth', 'cloth', 'dauber'], array_map(static fn (PlannedStep $s): string => $s->step->applicator->value, $vamp));
        self::assertSame([1, 2, 3], array_map(static fn (PlannedStep $s): int => $s->step->coat, $vamp));
        self::assertStringContainsString('Sample it on scrap first, with the finish on, judged dry.', $vamp[0]->why);
        self::assertStringContainsString('tan dye, 1:7 in alcohol', $vamp[0]->why);
        self::assertStringContainsString('walnut dye, 1:3 in alcohol', $vamp[2]->why);
        $said = implode(' ', array_map(static fn (Supply $s): string => $s->label(), $vamp[2]->supplies));
        self::assertMatchesRegularExpression('/let down, walnut dye, 1:3 in alcohol: \d+\.\d ml of dye and \d+\.\d ml of alcohol/', $said);
        self::assertSame([['left/vamp']], array_values(array_unique(array_map(
            static fn (PlannedStep $s): array => array_map(strval(...), $s->step->on),
            $vamp,
        ), \SORT_REGULAR)), 'and on no other part of it');
        self::assertCount(3, $of('right/vamp'), 'the other half alike');
        self::assertCount(2, $of('left/quarter'), 'what was not chosen is dyed as usual');
    }

    public function testAWashIsMixedToTheTenth(): void
    {
        $wash = new LetDown('walnut dye', FamilyId::DyeSpirit, 3, 'alcohol', Applicator::Cloth);
        self::assertSame('2.5 ml of dye and 7.5 ml of alcohol', $wash->amounts(10.0));
        self::assertSame('2.6 ml of dye and 7.8 ml of alcohol', $wash->amounts(10.1), 'rather a little more');
        $full = new LetDown('walnut dye', FamilyId::DyeSpirit, 0, 'alcohol', Applicator::Cloth);
        self::assertSame(['walnut dye, undiluted', '4.0 ml'], [$full->words(), $full->amounts(4.0)]);
    }
}
