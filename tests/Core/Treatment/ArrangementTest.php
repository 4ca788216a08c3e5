<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use Eris\Generators;
use Eris\TestTrait;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Arrangement;
use KindHeel\Core\Treatment\Planning\Planner;
use PHPUnit\Framework\TestCase;

/** What is off a piece, under tape, in clamps and on a tree, step after step. */
final class ArrangementTest extends TestCase
{
    use TestTrait;

    public function testEachActIsUndoneByItsOther(): void
    {
        $laces = [new Place(PartName::Laces, Half::Left), new Place(PartName::Laces, Half::Right)];
        $off = Arrangement::asFound()->after(Action::TakeApart, $laces);
        self::assertSame(['left/laces', 'right/laces'], array_keys($off->off));
        self::assertSame(['right/laces'], array_keys($off->after(Action::PutTogether, [$laces[0]])->off), 'a half at a time');
        $edge = [new Place(PartName::SoleEdge, Half::Left)];
        self::assertSame(['left/sole-edge'], array_keys($off->after(Action::Mask, $edge)->taped));
        self::assertEquals($off, $off->after(Action::Mask, $edge)->after(Action::Unmask, $edge));
        self::assertSame(['left/sole-edge'], array_keys($off->after(Action::Bond, $edge)->held));
        self::assertEquals($off, $off->after(Action::Bond, $edge)->after(Action::Unclamp, $edge));
        self::assertSame(['left' => Half::Left], $off->after(Action::Tree, $edge)->onTree);
        self::assertEquals($off, $off->after(Action::Tree, $edge)->after(Action::TreeOut, $edge));
    }

    public function testWhatChangesNothingOfItIsSaidSo(): void
    {
        $place = [new Place(PartName::Vamp, Half::Left), new Place(PartName::Laces, Half::Left)];
        $begun = Arrangement::asFound()->after(Action::TakeApart, [$place[1]])->after(Action::Mask, [$place[0]])->after(Action::Bond, $place)
            ->after(Action::Tree, $place);
        foreach (Action::cases() as $action) {
            $changed = $begun != $begun->after($action, $place) || Arrangement::asFound() != Arrangement::asFound()->after($action, $place);
            self::assertSame(Arrangement::isChangedBy($action), $changed, $action->value);
        }
    }

    /** Whatever was planned, the piece goes out whole: with all that it came with, no tape, no clamp; and nothing is laid on what clamps hold. */
    public function testEveryPlanLeavesThePieceWhole(): void
    {
        $this->limitTo(80)->forAll(Generators::choose(0, 1_000_000))->then(static function (int $number): void {
            $piece = AnyPiece::of($number);
            $now = Arrangement::asFound();
            foreach (Planner::plan($piece, Air::reference(), AnyPiece::wishes($number))->order() as $step) {
                if ($step->laysProduct()) {
                    foreach ($step->on as $place) {
                        self::assertArrayNotHasKey($place->key, $now->held, $step->id.' is laid between clamps');
                    }
                }
                $now = $now->after($step->action, $step->on);
            }
            self::assertSame([[], [], []], [array_keys($now->off), array_keys($now->taped), array_keys($now->held)]);
        });
    }
}
