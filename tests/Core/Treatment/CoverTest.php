<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Wish\Cover;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;
use PHPUnit\Framework\TestCase;

/** A pot that was mixed over a ground that was read says how many coats the plan lays (O-16). */
final class CoverTest extends TestCase
{
    public function testThePlanLaysTheCoatsThatThePotNeeds(): void
    {
        [$base, $colour] = $this->coats(new Cover('Vamp, chestnut', 4, 0, false, Applicator::Sponge), Applicator::Sponge);
        self::assertSame([0, 4], [\count($base), \count($colour)]);
        self::assertStringContainsString('“Vamp, chestnut” covers this ground in 4 thin coats', $colour[0]->why);
        self::assertSame([4, 1], [$colour[0]->step->coats, $colour[0]->step->coat]);
    }

    public function testABaseOfWhiteOrOfANearToneGoesBelow(): void
    {
        [$white] = $this->coats(new Cover('x', 1, 2, true, Applicator::Sponge), Applicator::Sponge);
        self::assertSame([Shade::Ivory, Shade::Ivory], array_map(static fn (PlannedStep $s): ?Shade => $s->shade, $white));
        [$tone] = $this->coats(new Cover('x', 1, 1, false, Applicator::Sponge), Applicator::Sponge);
        self::assertSame([Shade::Chestnut], array_map(static fn (PlannedStep $s): ?Shade => $s->shade, $tone));
    }

    public function testTheSameFilmTakesMoreCoatsOfAnAirbrush(): void
    {
        $cover = new Cover('x', 2, 1, true, Applicator::Sponge);
        self::assertSame([4, 2], [$cover->by(Applicator::Airbrush)->coats, $cover->by(Applicator::Airbrush)->baseCoats]);
        self::assertSame(1, (new Cover('x', 1, 0, false, Applicator::Airbrush))->by(Applicator::Brush)->coats);
        self::assertSame(12, (new Cover('x', 20, 0, false, Applicator::Sponge))->by(Applicator::Airbrush)->coats, 'more than anybody lays');
    }

    /** @return array{list<PlannedStep>, list<PlannedStep>} base and colour on the left vamp */
    private function coats(Cover $cover, Applicator $by): array
    {
        $piece = Shoes::pair()->to(Aim::Restore, Gloss::Satin)->with('left/vamp', FindingKind::Faded, 4)->with('right/vamp', FindingKind::Faded, 4)->piece();
        $wishes = new Wishes(Schools::of(['laying' => $by->value]), cover: ['vamp' => $cover]);
        $plan = Planner::plan($piece, Air::reference(), $wishes);
        self::assertSame([], Checker::standard()->check($piece, $plan->order()));
        $paint = static fn (Phase $phase): array => array_values(
            array_filter(
                $plan->steps,
                static fn (PlannedStep $s): bool => $phase === $s->step->phase
                    && FamilyId::Paint === $s->step->family
                    && 'left' === $s->step->halves()[0]->value
                    && $s->step->applicator === $by,
            ),
        );

        return [$paint(Phase::Base), $paint(Phase::Colour)];
    }
}
